import Alpine from '@alpinejs/csp';
import { phrase } from '../catalogue.js';

let lastJog = Promise.resolve();

/**
 * The rig moved by hand. Where it stands then, and how that looks, the server says; the run is left alone until a keyframe is
 * set there.
 */
export const jog = () => ({
  jogging: false,
  jogAxis: 0,
  jogPositions: {},
  jogPose: null,
  jogProblem: '',
  jogsWaiting: 0,
  stepsOfFrame: false,
  dragStart: {},
  dragWanted: null,
  draggingPicture: false,
  /** The real rig, while this window has it connected. */
  rigInHand: null,
  handOnRig: null,

  startJog(data) {
    // On another rig it stands elsewhere: it is taken to the first keyframe.
    const isOther = this.jogRig !== data.rig;
    if (isOther) this.jogPositions = { ...data.pegs[0].positions };
    this.jogRig = data.rig;
  },

  toggleJog() {
    if (this.jogging) {
      this.jogging = false;
      this.redraw();
    } else {
      this.jogging = true;
      this.jogged({});
    }
  },

  /** @param {boolean} repeated by a key that is held down: it does not run ahead of the rig */
  jogBy(index, steps, coarse, repeated = false) {
    this.jogAxis = index;
    if (repeated && this.jogsWaiting > 0) return null;
    return this.jogged({ axis: Alpine.store('run').axes[index].id, steps, coarse: coarse ? 1 : 0, of_frame: this.stepsOfFrame ? 1 : 0 });
  },

  /** The picture dragged in the finder, from where the rig stood when it was taken hold of; only the newest place is asked for. */
  dragPicture(right, up, first) {
    if (first) {
      if (!this.jogging) this.jogFrom(this.data ? Object.fromEntries(Alpine.store('run').axes.map(({ id }) => [id, Alpine.store('run').value(`position:${id}`)])) : {});
      this.dragStart = { ...this.jogPositions };
      this.draggingPicture = true;
    }
    this.dragWanted = { right, up };
    if (this.jogsWaiting > 0) return;
    const next = () => {
      const wanted = this.dragWanted;
      this.dragWanted = null;
      return wanted ? this.jogged(wanted, this.dragStart).then(next) : null;
    };
    next();
  },

  /** The picture was let go of: the real rig goes where the drawn one was dragged. */
  async pictureLet() {
    if (!this.rigInHand || !this.draggingPicture) return;
    await lastJog;
    this.draggingPicture = false;
    if (this.jogProblem === '') await this.rigInHand.driveTo(this.jogPositions);
  },

  /** Typed in the unit that is read. */
  jogTo(axisId, text) {
    const axis = Alpine.store('run').axes.find(({ id }) => id === axisId);
    const bare = axis.shown !== 1 && /\d\s*$/.test(text);
    return this.jogged({}, { [axisId]: bare ? `${text} ${axis.unit}` : text });
  },

  /** Where the real rig stands; while it moves, the finder looks from there. */
  standAt(positions, pose, moved) {
    if (this.draggingPicture) return;
    this.jogPositions = { ...this.jogPositions, ...positions };
    this.jogPose = pose;
    if (moved) this.jogging = true;
    this.redraw();
    this.describe();
  },

  /** The script of the real rig comes when somebody wants it. */
  async connectRig() {
    const { takeInHand } = await import('../rig/rig.js');
    this.handOnRig ??= takeInHand(this, Alpine.store('run'));
    await this.handOnRig.connect();
  },

  /** Stands where a keyframe is, without leaving the run. */
  jogFrom(positions) {
    this.jogPositions = { ...positions };
    this.jogPose = null;
  },

  /** One after another: each step starts where the one before it ended. */
  jogged(by, typed = {}) {
    this.jogsWaiting += 1;
    lastJog = lastJog.then(() => this.askRig(by, typed)).finally(() => { this.jogsWaiting -= 1; });
    return lastJog;
  },

  async askRig(by, typed) {
    const body = new FormData();
    Object.entries(by).forEach(([name, value]) => body.set(name, value));
    Object.entries({ ...this.jogPositions, ...typed }).forEach(([axis, value]) => body.set(`positions[${axis}]`, value));
    try {
      const response = await fetch(this.$root.dataset.jog, { method: 'POST', body, headers: { Accept: 'application/json' }, credentials: 'same-origin' });
      const answer = await response.json();
      this.jogProblem = response.ok ? '' : Object.values(answer.problems ?? { it: phrase('scripts.all.reload') }).join(' ');
      if (response.ok) {
        this.jogPositions = answer.positions;
        this.jogPose = answer.pose;
        this.jogging = true;
        this.redraw();
        this.describe();
      }
    } catch {
      this.jogProblem = phrase('scripts.bench.not_jogged');
    }
  },

  /** Where the rig stands once it has moved as it was told before; where it could not, nothing is set. */
  async setPegHere(place) {
    if (this.rigInHand) {
      const stands = await this.rigInHand.stands();
      if (!stands) return null;
      this.jogPositions = { ...this.jogPositions, ...stands };
    }
    const set = () => this.edit('keyframe-here', { place, positions: this.jogPositions });
    if (this.jogsWaiting === 0) return set();
    return lastJog.then(() => (this.jogProblem === '' ? set() : null));
  },
});
