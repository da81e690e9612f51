import type { Id } from '../../ids/id';
import { repeated } from './repeated';
import { found, type Check } from '../check';

/** Breakpoints at which nothing is other than on the wider widths: of all that is said of a site, nothing is said of their band. */
export const bands: Check = {
  id: 'bands',
  label: 'Breakpoints without effect',
  from: 'What is without effect is in the way of who looks after the site',
  harm: 'untidy',
  find(checked) {
    const { bands: all, ...rest } = checked.site;
    const narrower = all.slice(1);
    if (narrower.length === 0) return [];
    const [firstHeader] = Object.values(rest.headers);
    // Cells are named by their band, alone or with a phase behind it; what only repeats another says nothing.
    const said = JSON.stringify(rest);
    const times = (id: Id) => said.match(new RegExp(`"${id}[" ]`, 'g'))?.length ?? 0;
    const repeats = repeated.find(checked).flatMap(({ lead }) => (lead.to === 'cell' ? [lead.cell] : []));
    return narrower
      .filter(({ id }) => times(id) === repeats.filter((cell) => cell === id).length)
      .map(({ id, name }) =>
        found({
          lead: firstHeader
            ? { to: 'place', place: { on: 'assembly', in: 'headers', assembly: firstHeader.id } }
            : { to: 'placing' },
          at: `Breakpoint ${name}`,
          seen: { band: id },
          words: `Nothing is said of it: all is as on the ${all[all.findIndex((each) => each.id === id) - 1]!.name}.`,
          apart: id,
        }),
      );
  },
};
