<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Fault;
use Evrent\Words\Words;
use React\EventLoop\Loop;
use RuntimeException;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * What both simulated devices are told on the command line.
 */
final class DeviceOptions
{
    private const MOST_SPEED = 1_000;
    private const MOST_PORT = 65_535;

    /** Where a port is another program's, so many after it are tried. */
    private const NEXT_PORTS = 20;

    public static function add(Command $command, string $port): void
    {
        $command->addOption('address-file', null, InputOption::VALUE_REQUIRED, Words::of('cli.device.address_file'));
        $command->addOption('port', null, InputOption::VALUE_REQUIRED, $port, '0');
        $command->addOption('name', null, InputOption::VALUE_REQUIRED, Words::of('cli.device.name'), '');
        $command->addOption('speed', null, InputOption::VALUE_REQUIRED, Words::of('cli.device.speed'), '1');
        $command->addOption('plan', null, InputOption::VALUE_REQUIRED, Words::of('cli.device.plan'));
        $command->addOption('faults', null, InputOption::VALUE_REQUIRED, Words::of('cli.device.faults'));
    }

    /**
     * @throws BadUsage
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function plan(InputInterface $input): ?Plan
    {
        $path = $input->getOption('plan');

        return is_string($path) ? PlanReader::fromJson(Input::file($path, '--plan')) : null;
    }

    /**
     * @param list<string> $axisIds
     *
     * @return list<Fault>
     *
     * @throws BadUsage
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function faults(InputInterface $input, array $axisIds): array
    {
        $path = $input->getOption('faults');

        return is_string($path) ? FaultsReader::fromJson(Input::file($path, '--faults'), $axisIds, true) : [];
    }

    /**
     * @throws BadUsage
     */
    public static function name(InputInterface $input): string
    {
        $name = $input->getOption('name');
        if (!is_string($name) || preg_match('/^[\w-]{0,40}$/D', $name) !== 1) {
            throw new BadUsage(Words::of('cli.device.name_problem'));
        }

        return $name;
    }

    /**
     * @throws BadUsage
     */
    public static function speed(InputInterface $input): float
    {
        $speed = Input::number($input, 'speed');
        if ($speed === null || $speed < 1.0 || $speed > self::MOST_SPEED) {
            throw new BadUsage(Words::of('cli.device.speed_problem'));
        }

        return $speed;
    }

    /**
     * @throws BadUsage
     */
    public static function port(InputInterface $input, string $option): int
    {
        $port = Input::whole($input, $option);
        if ($port === null || $port < 0 || $port > self::MOST_PORT) {
            throw new BadUsage(Words::of('cli.device.port_problem', option: $option));
        }

        return $port;
    }

    /**
     * @return ?string host:port
     *
     * @throws BadUsage
     */
    public static function address(InputInterface $input, string $option): ?string
    {
        $address = $input->getOption($option);
        if ($address === null) {
            return null;
        }
        if (!is_string($address) || preg_match('/^[^\s:]+:\d{1,5}$/D', $address) !== 1) {
            throw new BadUsage(Words::of('cli.device.address_problem', option: $option));
        }

        return $address;
    }

    /**
     * Says where it listens, and goes on until it is told to stop. A port that is another program's makes way to the next.
     *
     * @param callable(int): list<string> $listen to so many ports further on: its addresses, host:port
     *
     * @throws BadUsage when that is not possible
     */
    public static function serve(InputInterface $input, OutputInterface $output, callable $listen, string $what): void
    {
        // Functions of the loop's packages, which the command line does not load for everyone.
        require_once dirname(__DIR__) . '/vendor/react/promise/src/functions_include.php';
        $addresses = [];
        for ($further = 0; $addresses === []; $further++) {
            try {
                $addresses = $listen($further);
            } catch (RuntimeException $taken) {
                if ($further >= self::NEXT_PORTS) {
                    throw new BadUsage(Words::of('cli.device.cannot_listen', getMessage: $taken->getMessage()));
                }
            }
        }
        $file = $input->getOption('address-file');
        if (is_string($file) && (@file_put_contents("{$file}.new", implode("\n", $addresses) . "\n") === false || !@rename("{$file}.new", $file))) {
            // It would go on listening otherwise.
            Loop::stop();
            throw new BadUsage(Words::of('cli.device.not_written', file: $file));
        }
        $output->writeln(Words::of("cli.device.listens_{$what}", address: $addresses[0], trigger: $addresses[1] ?? ''));
        foreach ([SIGINT, SIGTERM] as $signal) {
            Loop::addSignal($signal, Loop::stop(...));
        }
        Loop::run();
    }
}
