<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Shot;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Daemon\Answer;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Running\DeviceLocks;

/**
 * The rig and the camera of a shot while somebody has them in hand. Pages talk to the daemon that owns each, in short questions.
 */
final readonly class InHand
{
    public function __construct(private Daemons $daemons)
    {
    }

    /**
     * Takes a rig in hand for a shot, as its plan stands now.
     *
     * @param array{string, RigWords} $rig where it is reached, and how it speaks
     * @param string                  $who the window that wants it
     */
    public function takeRig(Shot $shot, array $rig, string $who): Answer
    {
        $address = (string) Simulated::rig($rig[0]);
        $key = Daemons::keyOfRig($address);
        $there = $this->daemons->ask($key, ['do' => 'status']);
        if ($there !== null && ($there->fields['plan'] ?? null) !== self::planOf($shot)) {
            // It drives by the plan of another shot, or by an earlier one. While it moves, or another window has it, it stays with that.
            $answer = $this->daemons->ask($key, ['do' => 'release', 'who' => $who]);
            $there = ($answer->fields['released'] ?? false) === true ? null : $there;
        }

        return $there ?? $this->daemons->open($key, [
            'kind' => 'rig', 'address' => $address, 'words' => json_encode((object) $rig[1]->texts(), JSON_THROW_ON_ERROR), 'shot' => (string) $shot->id,
            'plan' => PlanWriter::toJson($shot->currentRevision()->toPlan()), 'plan_name' => self::planOf($shot),
        ]);
    }

    /**
     * @param array{string, RigWords} $rig
     * @param array<string, mixed>    $question as RigDaemon takes it
     *
     * @return ?Answer null where nobody has it in hand
     */
    public function askRig(array $rig, array $question): ?Answer
    {
        return $this->daemons->ask(Daemons::keyOfRig((string) Simulated::rig($rig[0])), $question);
    }

    /** @param string $camera as the kit has it */
    public function takeCamera(string $camera): Answer
    {
        $address = self::camera($camera);
        $key = Daemons::keyOfCamera($address);

        return $key === null
            ? new Answer(['problem' => new Message('app.in_hand.cable_only')])
            : $this->daemons->open($key, ['kind' => 'camera', 'address' => $address]);
    }

    /**
     * @param array<string, mixed> $question as CameraDaemon takes it
     *
     * @return ?Answer null where nobody has it in hand
     */
    public function askCamera(string $camera, array $question): ?Answer
    {
        $key = Daemons::keyOfCamera(self::camera($camera));

        return $key === null ? null : $this->daemons->ask($key, $question);
    }

    /** The name by which the rig's daemon asks for test photos; empty where the rig triggers them itself, and nobody hears of them. */
    public function cameraFor(string $camera): string
    {
        return $camera === '' || $this->takeCamera($camera)->problem() !== null ? '' : (string) Daemons::keyOfCamera(self::camera($camera));
    }

    /** @return list<Answer> of each rig of this shot that is in hand */
    public function rigsOf(Shot $shot, string $do = 'status'): array
    {
        $answers = [];
        foreach ($this->daemons->rigs() as $key) {
            $answer = $this->daemons->ask($key, ['do' => 'status']);
            if ($answer !== null && ($answer->fields['shot'] ?? null) === (string) $shot->id) {
                $answers[] = $do === 'status' ? $answer : $this->daemons->ask($key, ['do' => $do]) ?? $answer;
            }
        }

        return $answers;
    }

    /**
     * For whoever needs the devices for themselves, such as a take: who has them in hand and stands still lets go.
     *
     * @param ?string $rig    address, as it is reached; null for none
     * @param string  $camera address, as it is reached
     *
     * @return ?DeviceLocks null when somebody else has one of them
     */
    public function locks(?string $rig, string $camera): ?DeviceLocks
    {
        $locks = DeviceLocks::take($rig, $camera);
        if ($locks !== null) {
            return $locks;
        }
        $isFree = $this->daemons->release($rig === null ? null : Daemons::keyOfRig($rig)) && $this->daemons->release(Daemons::keyOfCamera($camera));

        return $isFree ? DeviceLocks::take($rig, $camera) : null;
    }

    /** By its own timer or not: looking through it is the same. */
    private static function camera(string $camera): string
    {
        return (string) preg_replace('/^own:?/', '', Simulated::camera($camera));
    }

    private static function planOf(Shot $shot): string
    {
        return "{$shot->id}/{$shot->current_revision_id}";
    }
}
