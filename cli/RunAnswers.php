<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Run\Before\Contradiction;
use Evrent\Words\Words;

/**
 * What the command line answers to what contradicts the plan: there is nobody to ask.
 */
final class RunAnswers
{
    public bool $isRefused = false;

    /** @var list<Contradiction> what the start is refused for */
    private array $open = [];

    public function __construct(private readonly bool $sets, private readonly bool $forces)
    {
    }

    /**
     * @param list<Contradiction> $found
     *
     * @return ?array<string, ?string> null for those that are to be set, else why they are used as they are; null refuses the start
     */
    public function to(array $found): ?array
    {
        $answers = [];
        foreach ($found as $one) {
            if ($this->sets && $one->set !== null) {
                $answers[$one->about] = null;
            } elseif ($this->forces && !$one->isRefused) {
                $answers[$one->about] = '--force';
            } else {
                $this->open[] = $one;
            }
        }
        $this->isRefused = $this->open !== [];

        return $this->isRefused ? null : $answers;
    }

    /** @return list<string> lines for whoever started it */
    public function list(): array
    {
        $lines = [Words::of('cli.run.refused')];
        foreach ($this->open as $one) {
            $lines[] = '- ' . Words::say($one->says) . ($one->set === null ? '' : ' (--fix: ' . Words::say($one->set) . ')');
        }

        return [...$lines, Words::of('cli.run.answers')];
    }
}
