import Alpine from '@alpinejs/csp';
import { goTo, showView } from './views.js';

/** Everything that can be done has a key; `?` lists them. */
export const keys = () => ({
  listenForKeys() {
    document.addEventListener('keydown', (event) => this.pressed(event));
  },

  pressed(event) {
    if (event.defaultPrevented) return;
    const typing = event.target.matches?.('input:not([type=range]):not([type=radio]), select, textarea');
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key.toLowerCase() === 'z') {
      // In a field that is being typed in, it takes back what was typed.
      if (typing && event.target.value !== (event.target.dataset.stood ?? event.target.defaultValue)) return;
      event.preventDefault();
      document.getElementById(event.shiftKey ? 'redo' : 'undo').click();
      return;
    }
    if (command && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      document.getElementById('redo').click();
      return;
    }
    if (typing || command || document.querySelector('dialog[open]')) return;
    const handle = event.target.closest?.('[data-peg]');
    // Single letters may be off, for who dictates or hits keys by mistake; those with Alt or Ctrl stay.
    if (document.documentElement.dataset.letters === 'off' && !event.altKey && event.key.length === 1 && event.key !== ' ') return;
    const done = (handle && this.pegKey(event, handle)) || this.pegLetter(event) || (this.jogging && this.jogKey(event)) || this.plainKey(event);
    if (done) event.preventDefault();
  },

  /** Alt with a letter goes to that keyframe; with Shift it is set where the rig stands. */
  pegLetter(event) {
    if (!event.altKey || !/^Key[A-Z]$/.test(event.code)) return false;
    const place = this.pegs.findIndex((peg) => peg.letter === event.code.slice(3));
    if (place < 0) return false;
    if (event.shiftKey) this.setPegHere(place);
    else this.goToPeg(place);
    return true;
  },

  jogKey(event) {
    const axes = Alpine.store('run').axes.length;
    switch (event.key) {
      case 'ArrowLeft': this.jogBy(this.jogAxis, -1, event.shiftKey, event.repeat); return true;
      case 'ArrowRight': this.jogBy(this.jogAxis, 1, event.shiftKey, event.repeat); return true;
      case 'ArrowUp': this.jogAxis = (this.jogAxis + axes - 1) % axes; return true;
      case 'ArrowDown': this.jogAxis = (this.jogAxis + 1) % axes; return true;
      case 'Escape': this.toggleJog(); return true;
      default: return false;
    }
  },

  plainKey(event) {
    if (event.altKey) return false;
    const onButton = event.target.matches?.('button, a, summary');
    const store = Alpine.store('run');
    switch (event.key) {
      case 'ArrowLeft': this.step(event.shiftKey ? -10 : -1); return true;
      case 'ArrowRight': this.step(event.shiftKey ? 10 : 1); return true;
      case 'Home': this.goTo(1); return true;
      case 'End': this.goTo(store.photos); return true;
      case '+': case '=': this.chart.zoomBy(2); return true;
      case '-': case '−': this.chart.zoomBy(0.5); return true;
      case '0': this.chart.zoomOut(); return true;
      case '1': this.chart.zoomToPhoto(); return true;
      case '[': this.chart.panBy(-0.25); return true;
      case ']': this.chart.panBy(0.25); return true;
      case '?': this.$refs.keys.showModal(); return true;
      case ' ':
        if (onButton) return false;
        this.togglePlay();
        return true;
      case 'Escape':
        if (this.dragging) this.cancelDrag();
        else if (this.interval.text) this.interval.putBack();
        else return false;
        return true;
      default: return this.letterKey(event.key.toLowerCase());
    }
  },

  letterKey(letter) {
    switch (letter) {
      case 'l': this.toggleOverlay(); return true;
      case 'n': this.addPeg(); return true;
      case 'j': showView('frame'); this.toggleJog(); return true;
      case 't': this.goTo(this.data.tightest); return true;
      case 's': goTo(document.getElementById('f-held-photos')); return true;
      case 'f': goTo(document.getElementById('findings')); return true;
      case 'r': document.getElementById('dry-run').click(); return true;
      default: return false;
    }
  },
});
