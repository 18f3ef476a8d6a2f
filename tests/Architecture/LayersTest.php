<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which part may use which, checked with the types.
 */
final class LayersTest
{
    public function testCoreDependsOnNothingButItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Evrent\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Evrent\Core'), Selector::classname('/^[A-Za-z]+$/', true))
            ->because('the rules of the job must be usable without framework, database or devices');
    }

    /**
     * @return iterable<string, Rule> one for each room
     */
    public function testRoomsOfTheCoreUseOnlyThoseBeforeThem(): iterable
    {
        $rooms = array_keys(Rooms::ORDER);
        foreach ($rooms as $place => $room) {
            $later = array_map(
                static fn (string $name): SelectorInterface => Selector::inNamespace("Evrent\\Core\\{$name}"),
                array_slice($rooms, $place + 1),
            );
            if ($later !== []) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace("Evrent\\Core\\{$room}"))
                    ->shouldNotDependOn()
                    ->classes(...$later)
                    ->because('each room uses only those before it: see docs/architecture.md');
            }
        }
    }

    public function testDevicesDependOnTheCoreAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Evrent\Devices'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'))
            ->because('a device stands behind a protocol and knows nothing of the application');
    }

    public function testTheCommandLineNeedsNoWebFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Evrent\Cli'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'))
            ->because('it must start fast, on a machine without a database');
    }
}
