/**
 * The night sky in the finder. Where everything stands at the first photo comes from the server; from there the whole sky turns about its pole.
 */
const radians = (degrees) => (degrees * Math.PI) / 180;

/** A direction, degrees to the right of pan 0 and up, as a vector to the right, up and ahead. */
const direction = (yaw, pitch) => [Math.sin(radians(yaw)) * Math.cos(radians(pitch)), Math.sin(radians(pitch)), Math.cos(radians(yaw)) * Math.cos(radians(pitch))];

/** Turned about an axis as the sky turns about its north pole. */
export function turned([x, y, z], [a, b, c], degrees) {
  const [sine, cosine] = [Math.sin(radians(degrees)), Math.cos(radians(degrees))];
  const along = (x * a + y * b + z * c) * (1 - cosine);
  return [x * cosine + (b * z - c * y) * sine + a * along, y * cosine + (c * x - a * z) * sine + b * along, z * cosine + (a * y - b * x) * sine + c * along];
}

/** The moon as much of it is lit, its bright limb turned to where the sun is. */
function drawMoon(context, [x, y], radius, { lit, limb_deg: limb }, colours, roll) {
  context.save();
  context.translate(x, y);
  context.rotate(radians(limb - roll));
  context.beginPath();
  context.arc(0, 0, radius, Math.PI, 2 * Math.PI);
  context.ellipse(0, 0, radius, radius * Math.abs(2 * lit - 1), 0, 0, Math.PI, lit < 0.5);
  context.fillStyle = colours['sky-moon'];
  context.fill();
  context.restore();
}

/** What is drawn behind the scene. `project` takes points in metres. */
export function nightSky({ stars, band, pole, turn_deg_per_s: rate, moon }) {
  const axis = direction(...pole);
  const starAt = stars.map(([yaw, pitch, magnitude]) => [direction(yaw, pitch), magnitude]);
  const edges = band.map(([yaw, pitch, otherYaw, otherPitch]) => [direction(yaw, pitch), direction(otherYaw, otherPitch)]);
  return {
    drawMoon: (context, place, radius, colours, roll) => drawMoon(context, place, radius, moon, colours, roll),
    draw(context, { project, pose, seconds, darkness, colour }) {
      const place = (vector) => {
        const [x, y, z] = turned(vector, axis, rate * seconds);
        return project({ x: pose.x + x * 1e6, y: y * 1e6, z: z * 1e6 });
      };
      context.fillStyle = colour;
      const ends = edges.map((pair) => pair.map(place));
      for (let n = 0; n + 1 < ends.length; n++) {
        const corners = [ends[n][0], ends[n + 1][0], ends[n + 1][1], ends[n][1]];
        if (corners.some((corner) => !corner)) continue;
        context.globalAlpha = 0.14 * darkness;
        context.beginPath();
        corners.forEach(([x, y]) => context.lineTo(x, y));
        context.closePath();
        context.fill();
      }
      for (const [vector, magnitude] of starAt) {
        const at = place(vector);
        if (!at) continue;
        const radius = Math.max(0.7, 2 - 0.4 * magnitude);
        context.globalAlpha = darkness * Math.max(0.45, 1 - 0.15 * Math.max(0, magnitude));
        context.beginPath();
        context.arc(at[0], at[1], radius, 0, 2 * Math.PI);
        context.fill();
      }
      context.globalAlpha = 1;
    },
  };
}
