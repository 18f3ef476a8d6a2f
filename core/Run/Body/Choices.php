<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

/**
 * What a body can be set to, from its own list: entries are compared as what they stand for, and sent back exactly as they are.
 */
final readonly class Choices
{
    /** Apart by less, in stops or mireds, two entries are the same. */
    private const SAME = 1e-6;

    /**
     * @param list<Choice> $all
     */
    private function __construct(public BodySetting $setting, private array $all)
    {
    }

    /**
     * @param list<string> $entries
     */
    public static function of(BodySetting $setting, array $entries): self
    {
        return new self($setting, array_map(static fn (string $entry): Choice => Choice::of($setting, $entry), $entries));
    }

    /** Whether there is anything to choose that stands for a number. */
    public function isEmpty(): bool
    {
        return $this->nearest(1.0) === null;
    }

    /**
     * The entry that is nearest: in stops; of white balance in mireds, and a number before the name of a light.
     *
     * @param float $wanted seconds, f-number, ISO or kelvin; INF for bulb
     */
    public function nearest(float $wanted): ?Choice
    {
        $nearest = null;
        $least = INF;
        foreach ($this->all as $choice) {
            if ($choice->value === null || $choice->isBulb() !== ($wanted === INF)) {
                continue;
            }
            $apart = $this->setting->apart($choice->value, $wanted);
            if ($nearest === null || $apart < $least - self::SAME) {
                [$nearest, $least] = [$choice, $apart];
            }
        }

        return $nearest;
    }

    /** The longest time of its dial, the widest number of any other; null where there is none. */
    public function highest(): ?float
    {
        $values = array_filter(array_map(static fn (Choice $one): ?float => $one->isBulb() ? null : $one->value, $this->all), is_float(...));

        return $values === [] ? null : max($values);
    }
}
