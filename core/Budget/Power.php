<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * What feeds camera and rig, and how cold it is.
 */
final readonly class Power
{
    public const MOST_COLD_KEYS = 20;

    /** What is left of a battery's capacity, by degrees Celsius. */
    public const USUAL_COLD = [
        ['celsius' => -20.0, 'share' => 0.6], ['celsius' => -10.0, 'share' => 0.75], ['celsius' => 0.0, 'share' => 0.9], ['celsius' => 20.0, 'share' => 1.0],
    ];

    /**
     * @param float                                        $celsius of the batteries, where they are
     * @param list<array{celsius: float, share: float}>    $cold    rising
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public ?CameraPower $camera = null,
        public ?RigPower $rig = null,
        public ?PowerBank $bank = null,
        public float $celsius = 20.0,
        public array $cold = self::USUAL_COLD,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($celsius, -60, 60, '/temperature_c', new Message('what.celsius'));
        if ($cold === []) {
            $problems->add('/cold', new Message('budget.power.curve'));
        }
        foreach ($cold as $i => $key) {
            $problems->unlessBetween($key['celsius'], -60, 60, "/cold/{$i}/celsius", new Message('what.celsius'));
            $problems->unlessBetween($key['share'], 0.01, 1, "/cold/{$i}/share", new Message('what.share'));
            if ($i > 0 && !($key['celsius'] > $cold[$i - 1]['celsius'])) {
                $problems->add("/cold/{$i}/celsius", new Message('budget.power.order'));
            }
        }
        $problems->throwIfAny();
    }

    /** What the cold leaves of a battery's capacity, 0…1; straight between the temperatures given, level beyond them. */
    public function coldShare(): float
    {
        foreach ($this->cold as $i => $key) {
            if ($this->celsius <= $key['celsius']) {
                $before = $this->cold[max(0, $i - 1)];
                $part = $i === 0 ? 0.0 : ($this->celsius - $before['celsius']) / ($key['celsius'] - $before['celsius']);

                return $i === 0 ? $key['share'] : $before['share'] + $part * ($key['share'] - $before['share']);
            }
        }

        return $this->cold[count($this->cold) - 1]['share'];
    }
}
