<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Devices\Running\HandOnRig;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'jog', description: 'Drive a rig by hand')]
final class JogCommand extends Command
{
    /** A word on standard input holds so long: whoever falls silent lets go. */
    private const WORD_SECONDS = 0.1;
    private const WORD_BYTES = 4_096;

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1) with the axes of the rig, or - for standard input');
        $this->addOption('rig', null, InputOption::VALUE_REQUIRED, 'HOST:PORT or a serial port such as /dev/ttyUSB0');
        $this->addOption('home', null, InputOption::VALUE_NONE, 'Home it first');
        $this->addOption('to', null, InputOption::VALUE_REQUIRED, 'Drive there, such as "slide 120, pan -3.5"');
        $this->addOption('steps', null, InputOption::VALUE_REQUIRED, 'By whole motor steps, such as "slide 1"');
        $steer = 'Shares of each axis’ top speed, such as "slide 0.5, pan -1"; without it, from standard input';
        $this->addOption('steer', null, InputOption::VALUE_REQUIRED, $steer);
        $this->addOption('for', null, InputOption::VALUE_REQUIRED, 'How long it is steered, such as 2 s');
        RigOptions::addTo($this);
        $this->setHelp(
            'On standard input each line says where to, as --steer does, and holds for a tenth of a second: whoever falls silent lets go, and the rig brakes. '
            . 'It never goes beyond its travel. Ends with 0 and where the rig stands, with 1 when it does not answer or will not. Keep hands clear before the '
            . 'rig moves.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getOption('rig');
        if (!is_string($address) || $address === '' || $address === 'sim') {
            throw new BadUsage('--rig: give where the rig is reached, such as 127.0.0.1:7801.');
        }
        $plan = Input::planAtOnce($input);
        $seconds = $input->getOption('for') === null ? null : Input::seconds($input, 'for');
        $to = self::places($input, 'to', $plan);
        $steps = self::places($input, 'steps', $plan);
        $steer = self::places($input, 'steer', $plan);
        if ($steer !== [] && $seconds === null) {
            throw new BadUsage('--for: say how long, such as --for=2s.');
        }
        $hand = new HandOnRig(new GcodeRig($plan->rig, $address, RigOptions::dialect($input)), $plan->rig);
        $locks = DeviceLocks::take($address, '') ?? throw new BadUsage('--rig: something else on this machine uses this rig. End that first.');
        try {
            $hand->begin($input->getOption('home') === true);
            $stands = match (true) {
                $to !== [] => $hand->driveTo($to),
                $steps !== [] => $hand->step(array_map(static fn (float $count): int => (int) round($count), $steps)),
                $steer !== [] => $hand->follow(self::steady($steer, $seconds)),
                $input->getOption('home') === true => $hand->positions(),
                default => $hand->follow(self::typed($plan)),
            };
            $hand->end();
        } catch (DeviceGone | DeviceRefused $wrong) {
            fwrite(STDERR, "evrent: {$wrong->getMessage()}\n");

            return self::FAILURE;
        } finally {
            $locks->letGo();
        }
        $output->writeln(implode(', ', array_map(
            static fn (string $id, float $position): string => "{$id} " . PlainText::number(round($position, 3)),
            array_keys($stands),
            $stands,
        )));

        return self::SUCCESS;
    }

    /**
     * @return array<string, float> by axis id; empty where nothing is given
     *
     * @throws BadUsage
     */
    private static function places(InputInterface $input, string $option, Plan $plan): array
    {
        $text = $input->getOption($option);
        if ($text === null) {
            return [];
        }

        return self::read(is_string($text) ? $text : '', $plan)
            ?? throw new BadUsage("--{$option}: give axes of this plan (" . implode(', ', $plan->rig->axisIds()) . ') with a number each, such as "slide 1".');
    }

    /**
     * @return ?array<string, float> by axis id; null where it cannot be read
     */
    private static function read(string $text, Plan $plan): ?array
    {
        $places = [];
        foreach (array_filter(array_map(trim(...), explode(',', $text)), static fn (string $part): bool => $part !== '') as $part) {
            $found = preg_match('/^(\S+)\s+(\S+)$/D', $part, $word) === 1;
            $value = $found ? TypedText::number($word[2]) : null;
            if ($value === null || $plan->rig->axis($word[1]) === null) {
                return null;
            }
            $places[$word[1]] = $value;
        }

        return $places === [] ? null : $places;
    }

    /**
     * @param array<string, float> $steer
     *
     * @return callable(): ?array<string, float>
     */
    private static function steady(array $steer, float $seconds): callable
    {
        $until = microtime(true) + $seconds;

        return static fn (): ?array => microtime(true) < $until ? $steer : null;
    }

    /**
     * @return callable(): ?array<string, float>
     */
    private static function typed(Plan $plan): callable
    {
        stream_set_blocking(STDIN, false);
        [$unread, $steer, $heardAt] = ['', [], -INF];

        return static function () use ($plan, &$unread, &$steer, &$heardAt): ?array {
            $unread .= (string) fread(STDIN, self::WORD_BYTES);
            $lines = explode("\n", $unread);
            $unread = substr(array_pop($lines), -self::WORD_BYTES);
            if ($lines !== []) {
                $steer = self::read($lines[count($lines) - 1], $plan) ?? [];
                $heardAt = microtime(true);
            }
            if (feof(STDIN) && $lines === []) {
                return null;
            }

            return microtime(true) - $heardAt < self::WORD_SECONDS ? $steer : [];
        };
    }
}
