<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Run\Before\Contradiction;

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
        $lines = ['Nothing was shot: what the devices tell contradicts the plan.'];
        foreach ($this->open as $one) {
            $lines[] = "- {$one->says}" . ($one->set === null ? '' : " (--fix: {$one->set})");
        }

        return [...$lines, '--fix sets what can be set; --force uses the rest as it is.'];
    }
}
