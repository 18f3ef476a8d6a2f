<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What is to be done next in a take.
 */
final readonly class Step
{
    private function __construct(
        public StepKind $kind,
        public ?int $photo = null,
        public ?float $until = null,
        public ?Ending $ending = null,
        public string $about = '',
    ) {
    }

    public static function setIt(string $about): self
    {
        return new self(StepKind::SetIt, about: $about);
    }

    public static function home(): self
    {
        return new self(StepKind::Home);
    }

    public static function move(int $place): self
    {
        return new self(StepKind::Move, $place);
    }

    public static function start(float $due): self
    {
        return new self(StepKind::Start, null, $due);
    }

    public static function trigger(int $photo): self
    {
        return new self(StepKind::Trigger, $photo);
    }

    /** @param ?float $until null waits to be told */
    public static function wait(?float $until): self
    {
        return new self(StepKind::Wait, null, $until);
    }

    public static function settle(int $photo): self
    {
        return new self(StepKind::Reconcile, $photo);
    }

    public static function skip(int $to): self
    {
        return new self(StepKind::Skip, $to);
    }

    public static function end(Ending $ending): self
    {
        return new self(StepKind::End, null, null, $ending);
    }

    public static function nothing(): self
    {
        return new self(StepKind::Nothing);
    }
}
