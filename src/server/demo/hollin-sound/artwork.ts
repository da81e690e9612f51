const fullLogo = `<svg xmlns="http://www.w3.org/2000/svg" width="212" height="48" viewBox="0 0 212 48">
  <path fill="#123f59" d="M4 27h40l-6 13a4 4 0 0 1-3.600 2H13.600a4 4 0 0 1-3.600-2z"/>
  <path fill="#b4552d" d="M23 4v20H8z"/>
  <path fill="#123f59" d="M26 8v16h13z"/>
  <path fill="none" stroke="#123f59" stroke-width="2.500" stroke-linecap="round" d="M2 46q5-4 10 0t10 0 10 0 10 0 6-2"/>
  <g fill="none" stroke="#123f59" stroke-width="3.200" stroke-linecap="round" stroke-linejoin="round">
    <path d="M60 8v16M71 8v16M60 16h11"/>
    <circle cx="84" cy="18.500" r="5.500"/>
    <path d="M97 8v16M104 8v16M111 13v11M111 8v.1M118 24V13M118 17q2-4 5.500-4t4 4v7"/>
  </g>
  <g fill="none" stroke="#b4552d" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">
    <path d="M66 33q-6-2-6 1.600t6 2.400-6 4M72 38a3 3 0 1 0 6 0 3 3 0 1 0-6 0M83 35v4q0 2 2.500 2t2.500-2v-4M93 41v-6M93 37q1-2 3-2t2 2v4M109 32v9M109 38a3 3 0 1 0-6 0 3 3 0 1 0 6 0"/>
    <path d="M122 41v-9h6M122 36.500h5M133 38h6a3 3 0 1 0-1 2M144 41v-6q1-1 3-1M151 41v-6q1-1 3-1M158 35v6M158 31.500v.1M163 38h6a3 3 0 1 0-1 2M178 35q-4-1-4 1.200t4 1.600-4 3"/>
  </g>
</svg>`;

const markOnly = fullLogo
  .replace('width="212"', 'width="48"')
  .replace('viewBox="0 0 212 48"', 'viewBox="0 0 48 48"')
  .replace(/ *<g[\s\S]*<\/g>\n/, '');

const onDark = (svg: string) => svg.replaceAll('#123f59', '#f3f7f5').replaceAll('#b4552d', '#f2b08a');

/** The sign of a partner, light on dark grounds: shapes in a frame of its width, 32 high. */
const sign = (width: number, shapes: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="32" viewBox="0 0 ${width} 32"><g fill="none" stroke="#f3f7f5" stroke-width="2.500" stroke-linecap="round" stroke-linejoin="round">${shapes}</g></svg>`;

/** Those with whom the line works, invented like itself. */
export const partners = [
  {
    id: 'a-partner-dairy',
    name: 'Skerrow Dairy',
    address: 'https://skerrow-dairy.example',
    svg: sign(64, '<path d="M10 6h12v4l4 6v10H6V16l4-6zM34 10h24M34 16h16M34 22h20"/>'),
  },
  {
    id: 'a-partner-trust',
    name: 'Wren Island Trust',
    address: 'https://wren-trust.example',
    svg: sign(48, '<circle cx="16" cy="16" r="10"/><path d="M6 20q5-5 10 0t10 0M34 8v16M40 12v12"/>'),
  },
  {
    id: 'a-partner-cycles',
    name: 'Sound Cycles',
    address: 'https://sound-cycles.example',
    svg: sign(
      72,
      '<circle cx="14" cy="20" r="8"/><circle cx="42" cy="20" r="8"/><path d="m14 20 8-12h12l8 12M22 8l8 12H14M56 12h12M56 20h8"/>',
    ),
  },
] as const;

const LINE = 'Hollin Sound Ferries';

/** Pictures as files, by the id of the artwork, with its name and what is said instead of it: the versions of the logo, and the signs of partners. */
export const hollinArtwork = [
  { id: 'a-logo', name: 'Hollin logo', alt: LINE, svg: fullLogo },
  { id: 'a-mark', name: 'Hollin mark', alt: LINE, svg: markOnly },
  { id: 'a-logo-dark', name: 'Hollin logo on dark', alt: LINE, svg: onDark(fullLogo) },
  { id: 'a-mark-dark', name: 'Hollin mark on dark', alt: LINE, svg: onDark(markOnly) },
  ...partners.map(({ id, name, svg }) => ({ id, name, alt: name, svg })),
] as const;

/** A file to be linked to. */
export const timetable = {
  name: 'winter-timetable.txt',
  text: 'Hollin Sound Ferries: winter timetable\n\nPort Hollin 07:10  Wren Island 07:55\nPort Hollin 09:40  Great Skerrow 10:50\nPort Hollin 16:10  Great Skerrow 17:20\n',
};
