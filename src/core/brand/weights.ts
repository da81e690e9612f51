/** The names of the weights that fonts come in (CSS Fonts 4, 2.2.1). */
export const weightNames = {
  '100': '100 thin',
  '200': '200 extra light',
  '300': '300 light',
  '400': '400 regular',
  '500': '500 medium',
  '600': '600 semibold',
  '700': '700 bold',
  '800': '800 extra bold',
  '900': '900 black',
} as const;
export type Weight = keyof typeof weightNames;
