/**
 * Axes of which left and right, or up and down, are swapped: whoever stands before the camera has them the other way round. Kept in this browser, by rig.
 */
const kept = 'rig-swapped';

export function createSwaps(rig) {
  let all = {};
  try {
    all = JSON.parse(localStorage.getItem(kept)) ?? {};
  } catch {
    // Nothing was kept, or may not be.
  }
  const axes = () => all[rig()] ?? [];
  return {
    sign: (axis) => (axes().includes(axis) ? -1 : 1),
    turn(axis) {
      all[rig()] = axes().includes(axis) ? axes().filter((one) => one !== axis) : [...axes(), axis];
      try {
        localStorage.setItem(kept, JSON.stringify(all));
      } catch {
        // Then they are swapped until the page is left.
      }
    },
    show(root) {
      for (const button of root.querySelectorAll('[data-swap]')) {
        button.setAttribute('aria-pressed', String(axes().includes(button.closest('[data-rig-axis]').dataset.rigAxis)));
      }
    },
  };
}
