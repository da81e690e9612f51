import { Chart } from 'chart.js';
import { look } from '../theme/tokens';

/** What every chart looks like; charts import this for what it does. */
Chart.defaults.font.family = '"Spline Sans Mono", monospace';
Chart.defaults.font.size = 11;
Chart.defaults.color = look.quiet;
Chart.defaults.animation = false;
