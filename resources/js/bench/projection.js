/**
 * A pinhole camera, as core/Optics/SkyFrame.php has it: tests/fixtures/projection.json holds both to the same cases.
 *
 * @param {{x: number, yaw: number, pitch: number, roll: number}} pose metres to the right; degrees to the right, up, and with the horizon
 *     falling to the right
 * @param {{half_width: number, half_height: number}} lens tangents of half the angles that the photo takes in
 * @returns {(point: {x: number, y: number, z: number}) => ?[number, number]} where a point (metres right, up and ahead) falls in the photo:
 *     shares of half its width and height from the middle, to the right and up; null behind the camera
 */
export function projector({ x, yaw, pitch, roll }, lens) {
  const [sinYaw, cosYaw, sinPitch, cosPitch, sinRoll, cosRoll] = [yaw, pitch, roll].flatMap((degrees) => {
    const radians = (degrees * Math.PI) / 180;
    return [Math.sin(radians), Math.cos(radians)];
  });
  return (point) => {
    const across = point.x - x;
    const right = across * cosYaw - point.z * sinYaw;
    const ahead = across * sinYaw + point.z * cosYaw;
    const up = point.y * cosPitch - ahead * sinPitch;
    const depth = point.y * sinPitch + ahead * cosPitch;
    if (depth < 0.02 * Math.hypot(across, point.y, point.z)) return null;
    return [(right * cosRoll + up * sinRoll) / depth / lens.half_width, (up * cosRoll - right * sinRoll) / depth / lens.half_height];
  };
}

/** A point so far away in a direction that the camera's own place does not matter. Degrees to the right of ahead, and up. */
export function farPoint(pose, yaw, pitch) {
  const [across, up] = [(yaw * Math.PI) / 180, (pitch * Math.PI) / 180];
  return { x: pose.x + Math.sin(across) * Math.cos(up) * 1e6, y: Math.sin(up) * 1e6, z: Math.cos(across) * Math.cos(up) * 1e6 };
}
