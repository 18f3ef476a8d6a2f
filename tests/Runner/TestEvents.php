<?php

declare(strict_types=1);

namespace Tests\Runner;

use Closure;
use PHPUnit\Event\Code\Test;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Facade;

/**
 * Calls something before each test is set up, and something after it is torn down.
 */
final class TestEvents
{
    /**
     * @param Closure(): void     $began
     * @param Closure(Test): void $ended
     */
    public static function around(Facade $facade, Closure $began, Closure $ended): void
    {
        $facade->registerSubscribers(
            new class ($began) implements PreparationStartedSubscriber {
                /** @param Closure(): void $began */
                public function __construct(private readonly Closure $began)
                {
                }

                public function notify(PreparationStarted $event): void
                {
                    ($this->began)();
                }
            },
            new class ($ended) implements FinishedSubscriber {
                /** @param Closure(Test): void $ended */
                public function __construct(private readonly Closure $ended)
                {
                }

                public function notify(Finished $event): void
                {
                    ($this->ended)($event->test());
                }
            },
        );
    }
}
