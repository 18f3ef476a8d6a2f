/**
 * On a phone the sentence is a list of rows, and one of them is open with keys for less and more that a gloved thumb can hit. What the
 * next value is, the server says.
 */
export function followPad(bench) {
  const sentence = document.getElementById('sentence');
  const pad = document.getElementById('pad');
  const isRows = () => getComputedStyle(sentence).display === 'grid';

  const open = (row) => {
    sentence.querySelector('[data-open]')?.removeAttribute('data-open');
    pad.hidden = row === null;
    if (row === null) return;
    row.dataset.open = 'yes';
    row.after(pad);
  };

  sentence.addEventListener('click', (event) => {
    if (!isRows()) return;
    const row = event.target.closest('.has-steps');
    if (!row || event.target.closest('.pin, .pad')) return;
    // A field that is touched is typed in; the rest of its row opens the keys alone.
    if (!event.target.closest('input')) {
      event.preventDefault();
      open(row.dataset.open ? null : row);
    } else {
      open(row);
    }
  });
  pad.addEventListener('click', (event) => {
    const by = event.target.closest('button')?.dataset.by;
    const field = sentence.querySelector('[data-open] .plan-field');
    if (by && field) bench.edit('step', { figure: `/${field.id.replace(/^f-/, '').replace('-', '/')}`, by });
  });
}
