import htmx from 'htmx.org';

const step = { coarse: 300, fine: 60 };

/**
 * Shots on the day line: dragged, or moved by keys. Where they come to lie is worked out by the server, which sends the day again.
 */
export const dayLine = () => ({
  text: '',
  left: 0,
  top: 0,

  init() {
    this.$root.addEventListener('pointerdown', (event) => this.take(event));
    this.$root.addEventListener('keydown', (event) => this.key(event));
    // What is refused is shown too: the messages stand by the fields.
    this.$root.addEventListener('htmx:beforeSwap', (event) => {
      if (event.detail.xhr.status === 422) event.detail.shouldSwap = true;
      if (event.detail.shouldSwap) this.keepRefused(event.detail.requestConfig.elt);
    });
    this.$root.dataset.ready = 'yes';
  },

  /** What was refused in other shots stays typed, with its message, when the day is sent again. */
  keepRefused(asking) {
    const message = (field) => document.getElementById(field.getAttribute('aria-describedby'));
    const kept = [...this.$root.querySelectorAll('#day [aria-invalid]')]
      // A bar's own shot was just given a new start: what was refused there is done with.
      .filter((field) => !asking.contains(field) && !field.id.startsWith(`${asking.id}-`))
      .map((field) => ({ id: field.id, value: field.value, says: message(field).textContent }));
    this.$root.addEventListener('htmx:afterSwap', () => {
      for (const { id, value, says } of kept) {
        const field = document.getElementById(id);
        if (!field) continue;
        field.value = value;
        field.setAttribute('aria-invalid', 'true');
        message(field).textContent = says;
      }
    }, { once: true });
  },

  take(event) {
    const bar = event.target.closest('.stay');
    if (!bar || event.button !== 0) return;
    event.preventDefault();
    bar.focus();
    const track = bar.closest('.bars').getBoundingClientRect();
    const span = Number(bar.closest('.bars').dataset.span);
    const secondsFor = (pixels) => Math.round(((pixels / track.width) * span) / step.fine) * step.fine;
    let by = 0;
    bar.setPointerCapture(event.pointerId);
    const move = ({ clientX }) => {
      by = secondsFor(clientX - event.clientX);
      bar.style.translate = `${(by / span) * track.width}px 0`;
      this.say(bar, by);
    };
    const drop = () => {
      bar.removeEventListener('pointermove', move);
      this.text = '';
      if (by !== 0) this.move(bar, by);
    };
    bar.addEventListener('pointermove', move);
    bar.addEventListener('pointerup', drop, { once: true });
    bar.addEventListener('pointercancel', () => {
      by = 0;
      bar.style.translate = '';
      drop();
    }, { once: true });
  },

  key(event) {
    const bar = event.target.closest?.('.stay');
    const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!bar || !direction) return;
    event.preventDefault();
    this.move(bar, direction * (event.shiftKey ? step.fine : step.coarse));
  },

  say(bar, by) {
    const minutes = Math.round(Math.abs(by) / 60);
    const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
    this.text = by === 0 ? 'as it was' : `${hours ? `${hours} h ` : ''}${rest} min ${by < 0 ? 'earlier' : 'later'}`;
    const plot = bar.closest('.sky-plot').getBoundingClientRect();
    const run = bar.querySelector('.stay-run').getBoundingClientRect();
    this.left = Math.min(plot.width - 70, Math.max(70, run.left + run.width / 2 - plot.left));
    this.top = run.top - plot.top - 26;
  },

  async move(bar, by) {
    const { id } = bar;
    try {
      await htmx.ajax('PUT', bar.dataset.url, {
        target: '#day', swap: 'outerHTML', source: bar,
        values: { _token: document.querySelector('[name=_token]').value, to_s: Number(bar.dataset.begins) + by },
      });
    } catch {
      // That nobody answered is said at the top of the page.
    }
    bar.style.translate = '';
    const moved = document.getElementById(id);
    moved?.focus();
    document.getElementById('announcer').textContent = moved?.getAttribute('aria-label') ?? '';
  },
});
