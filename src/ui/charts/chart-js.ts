import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  LogarithmicScale,
  PointElement,
} from 'chart.js';

/** The chart library with the parts that are used: fetched when the first chart comes near the view. */
export function chartWithParts(): typeof Chart {
  Chart.register(LineController, LineElement, PointElement, BarController, BarElement);
  Chart.register(CategoryScale, LinearScale, LogarithmicScale);
  return Chart;
}
