import Alpine from '@alpinejs/csp';
import { decimal, phrase } from '../catalogue.js';

/**
 * Handles on the interval bar: what if the exposure or the interval were longer or shorter? The shot is shown as it would be;
 * it is changed only when the shooter says so.
 *
 * @param {HTMLElement} bar to scale: its width is the span shown
 * @param {object} bench
 */
export function whatIf(bar, bench) {
  const store = Alpine.store('run');
  let asked = null;

  const stop = () => {
    asked = null;
    bench.interval.text = '';
    bench.interval.held = false;
    bench.interval.span = store.value('span');
  };

  bench.interval.keep = async () => {
    const { what, seconds } = asked;
    const field = document.getElementById(`f-timing-${what}_s`);
    stop();
    field.value = decimal(seconds, 10);
    field.dispatchEvent(new Event('change', { bubbles: true }));
  };

  bench.interval.putBack = () => {
    stop();
    bench.leavePreview();
  };

  const ask = (what, seconds) => {
    if (!(seconds > 0)) return;
    asked = { what, seconds };
    bench.interval.held = true;
    bench.interval.keepText = phrase('scripts.bench.keep', { seconds: decimal(seconds, 4) });
    bench.interval.text = phrase(`scripts.bench.if_${what}`, { seconds: decimal(seconds, 4) });
    bench.sendField(document.getElementById(`f-timing-${what}_s`), { preview: true, text: String(seconds) });
  };

  /** As fine as the hand can tell on this scale: a hundredth of the span, in round figures. */
  const rounded = (seconds) => {
    const grid = 10 ** Math.floor(Math.log10(Math.max(bench.interval.span, 0.01) / 50));
    return Number((Math.max(1, Math.round(seconds / grid)) * grid).toPrecision(6));
  };

  bar.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest('.what-if');
    if (!handle) return;
    event.preventDefault();
    handle.focus();
    const { what } = handle.dataset;
    const box = bar.getBoundingClientRect();
    const span = bench.interval.span;
    const lag = what === 'exposure' ? store.value('lag') : 0;
    bench.interval.held = true;
    handle.setPointerCapture(event.pointerId);
    const move = (moved) => ask(what, rounded(((moved.clientX - box.left) / box.width) * span - lag));
    const up = () => {
      handle.removeEventListener('pointermove', move);
      handle.removeEventListener('pointerup', up);
      if (!asked) bench.interval.held = false;
    };
    handle.addEventListener('pointermove', move);
    handle.addEventListener('pointerup', up);
  });

  bar.addEventListener('keydown', (event) => {
    const handle = event.target.closest('.what-if');
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (!handle) return;
    if (event.key === 'Enter' && asked) {
      event.preventDefault();
      bench.interval.keep();
    } else if (by) {
      event.preventDefault();
      event.stopPropagation();
      const { what } = handle.dataset;
      const from = asked?.what === what ? asked.seconds : Number(store.value(what));
      const grid = rounded(0) * (event.shiftKey ? 10 : 1);
      ask(what, Number(Math.max(grid, from + by * grid).toPrecision(6)));
    }
  });
}
