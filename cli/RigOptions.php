<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Kit\RigWords;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Words\Words;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/**
 * How a rig with firmware of its own speaks, for the commands that drive one.
 */
final class RigOptions
{
    /** Options by the fields of RigWords. */
    private const NAMES = [
        'axis_letters' => 'letters',
        'status_axes' => 'axes',
        'home_line' => 'home',
        'wait_line' => 'wait',
        'trigger_lines' => 'trigger',
    ];

    public static function addTo(Command $command): void
    {
        $command->addOption('rig-axes', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig_options.status'));
        $command->addOption('rig-letters', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig_options.letters'));
        $command->addOption('rig-home', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig_options.homing'));
        $command->addOption('rig-wait', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig_options.settled'));
        $command->addOption('rig-trigger', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig_options.trigger'));
    }

    /** @throws BadUsage */
    public static function dialect(InputInterface $input): Dialect
    {
        $words = array_map(static fn (string $name): mixed => $input->getOption("rig-{$name}"), self::NAMES);
        try {
            return Dialect::of(RigWords::of($words));
        } catch (InvalidInput $invalid) {
            throw new BadUsage(implode(' ', array_map(
                static fn (Problem $problem): string => '--rig-' . (self::NAMES[ltrim($problem->pointer, '/')] ?? 'trigger')
                    . ': ' . Words::say($problem->message),
                $invalid->problems,
            )));
        }
    }
}
