<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * The sentence's figures as they are typed, and as they stand.
 */
final readonly class TypedFigures
{
    private const MOST_SHOOTING_SECONDS = 1e9;

    /**
     * @param ?HeldStep $step typed
     * @param bool $isStepGone whether the step that held was emptied
     */
    private function __construct(
        public ?int $photos,
        public ?float $clipSeconds,
        public ?float $shootingSeconds,
        public ?Figure $pressed,
        public ?HeldStep $step,
        public bool $isStepGone,
    ) {
    }

    /**
     * @param array<array-key, mixed> $held photos, clip and shooting where they were typed; pin where one was pressed
     *
     * @throws InvalidInput by the pointers /held/photos, /held/clip, /held/shooting, /held/pin, /held/step_<axis>
     */
    public static function read(array $held, Plan $plan): self
    {
        $problems = new Problems();
        $text = static fn (string $name): ?string => is_string($held[$name] ?? null) ? trim($held[$name]) : null;
        $photos = $text('photos') === null ? null : TypedText::number($text('photos')) ?? NAN;
        if ($photos !== null && (floor($photos) !== $photos || $photos < 2 || $photos > Timing::MOST_PHOTOS)) {
            $problems->add('/held/photos', new Message('editing.typed_figures.photos'));
        }
        $seconds = static function (string $name, Text|string $message, bool $isLong = false) use ($text, $problems): ?float {
            $typed = $text($name);
            $read = $typed === null ? null : ($isLong ? TypedText::longSeconds($typed) : TypedText::seconds($typed)) ?? NAN;
            if ($read !== null && !($read >= 0.01 && $read <= self::MOST_SHOOTING_SECONDS)) {
                $problems->add("/held/{$name}", $message);
            }

            return $read;
        };
        $clip = $seconds('clip', new Message('editing.typed_figures.clip'));
        $shooting = $seconds('shooting', new Message('editing.typed_figures.shooting'), isLong: true);
        $pressed = $text('pin') === null ? null : Figure::tryFrom($text('pin'));
        if ($text('pin') !== null && $pressed === null) {
            $problems->add('/held/pin', new Message('editing.typed_figures.pins'));
        }
        if ($photos !== null && $clip !== null) {
            $problems->add('/held/clip', new Message('editing.typed_figures.one'));
        }
        [$step, $isStepGone] = [null, false];
        foreach ($plan->rig->axisIds() as $axisId) {
            $typed = $text("step_{$axisId}");
            try {
                $step = $typed === null || $typed === '' ? $step : HeldStep::of($plan, $axisId, TypedText::number($typed));
            } catch (InvalidInput $invalid) {
                $problems->addAllUnder("/held/step_{$axisId}", $invalid);
            }
            $isStepGone = $isStepGone || $typed === '';
        }
        $problems->throwIfAny();

        return new self($photos === null ? null : (int) $photos, $clip, $shooting, $pressed, $step, $isStepGone);
    }

    /**
     * @return list<Figure> the figures that were typed
     */
    public function given(): array
    {
        return [
            ...($this->photos === null && $this->clipSeconds === null ? [] : [Figure::Photos]),
            ...($this->shootingSeconds === null ? [] : [Figure::Shooting]),
        ];
    }

    /** What was typed is asked for. */
    public function into(Pins $pins): Pins
    {
        $pins = $this->step === null && !$this->isStepGone ? $pins : $pins->withStep($this->step);
        $pins = $this->photos === null ? $pins : $pins->withPhotos($this->photos);
        $pins = $this->clipSeconds === null ? $pins : $pins->withClip($this->clipSeconds);

        return $this->shootingSeconds === null ? $pins : $pins->withShooting($this->shootingSeconds);
    }

    /**
     * What is pinned stands as it was asked for; what follows, as it comes out.
     *
     * @return array<string, string> what stands in the fields: photos, clip, shooting, and step_<axis> for each axis
     */
    public static function texts(Plan $plan, Pins $pins): array
    {
        $photos = $plan->photosTotal();

        $steps = [];
        foreach ($plan->rig->axisIds() as $axisId) {
            $steps["step_{$axisId}"] = PlainText::rounded(HeldStep::mean($plan, $axisId), 4);
        }

        return [
            'photos' => (string) $photos,
            'clip' => PlainText::span($pins->clipSeconds ?? $photos / $plan->timing->framesPerSecond),
            'shooting' => PlainText::span($pins->shootingSeconds ?? Schedule::bookedSeconds($plan)),
        ] + $steps;
    }
}
