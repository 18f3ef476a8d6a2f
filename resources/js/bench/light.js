/**
 * Exposure, ISO and brightness under the staircase, in time with it. Numbers come from the server; here they are drawn.
 */
const stripHeight = 38;
const strips = ['light:stops', 'light:iso', 'light:error'];

/** Brightness runs from so many stops over to so many under. */
const errorStops = 3;

export const createLight = (canvas) => {
  const context = canvas.getContext('2d');
  let look = null;
  let colours = {};

  const readColours = () => {
    const now = document.documentElement.dataset.look;
    if (now === look) return;
    look = now;
    const style = getComputedStyle(document.documentElement);
    for (const name of ['sunk', 'rule', 'soft', 'ink', 'hand', 'bad', 'good-ground', 'light']) colours[name] = style.getPropertyValue(`--${name}`).trim();
  };

  const range = (values, name) => {
    if (name === 'light:error') return [-errorStops, errorStops];
    let [low, high] = [Infinity, -Infinity];
    for (const value of values) {
      if (value < low) low = value;
      if (value > high) high = value;
    }
    const least = name === 'light:iso' ? low * 0.2 : 0.5;
    return high - low < least ? [low - least, high + least] : [low - (high - low) * 0.08, high + (high - low) * 0.08];
  };

  return {
    height: stripHeight * strips.length,
    draw({ data, column, triggers, view, x, width, findPhoto, cursorPhoto }) {
      if (data.columns['light:ev'] === undefined) return;
      readColours();
      const ratio = window.devicePixelRatio || 1;
      const height = stripHeight * strips.length;
      canvas.width = Math.round(width * ratio);
      canvas.height = Math.round(height * ratio);
      canvas.style.width = `${width}px`;
      canvas.style.height = `${height}px`;
      context.setTransform(ratio, 0, 0, ratio, 0, 0);
      context.fillStyle = colours.sunk;
      context.fillRect(0, 0, width, height);
      const first = Math.max(0, findPhoto(view.from) - 2);
      const last = Math.min(triggers.length - 1, findPhoto(view.to) + 1);
      const every = Math.max(1, Math.floor((last - first) / (width * 2)));
      strips.forEach((name, strip) => {
        const values = column(name);
        const [low, high] = range(values, name);
        const top = strip * stripHeight;
        const y = (value) => top + 3 + (stripHeight - 6) * (1 - (Math.min(high, Math.max(low, value)) - low) / (high - low));
        context.save();
        context.beginPath();
        context.rect(0, top, width, stripHeight);
        context.clip();
        if (name === 'light:error') {
          context.fillStyle = colours['good-ground'];
          context.fillRect(0, y(data.light_stops), width, y(-data.light_stops) - y(data.light_stops));
          context.strokeStyle = colours.soft;
          context.lineWidth = 1;
          context.setLineDash([2, 4]);
          context.beginPath();
          context.moveTo(0, y(0));
          context.lineTo(width, y(0));
          context.stroke();
          context.setLineDash([]);
        }
        context.beginPath();
        for (let n = first; n <= last; n += every) {
          if (n > first && name === 'light:iso') context.lineTo(x(triggers[n]), y(values[n - every]));
          context.lineTo(x(triggers[n]), y(values[n]));
        }
        context.lineTo(x(triggers[last]), y(values[last]));
        context.strokeStyle = colours.ink;
        context.lineWidth = 2;
        context.stroke();
        if (name === 'light:error') {
          context.fillStyle = colours.bad;
          for (let n = first; n <= last; n += every) {
            if (Math.abs(values[n]) > data.light_stops + 1e-6) context.fillRect(x(triggers[n]), values[n] > 0 ? top : top + stripHeight - 4, 1.5, 4);
          }
        }
        context.restore();
        context.fillStyle = colours.rule;
        context.fillRect(0, top, width, 1);
      });
      const from = x(triggers[cursorPhoto - 1]);
      const wide = Math.max(5, x(triggers[cursorPhoto - 1] + column('span')[cursorPhoto - 1]) - from);
      context.strokeStyle = colours.hand;
      context.lineWidth = 1.2;
      context.strokeRect(wide === 5 ? from - 2.5 : from, 0.6, wide, height - 1.2);
    },
  };
};
