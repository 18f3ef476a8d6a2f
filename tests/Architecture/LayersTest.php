<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
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
