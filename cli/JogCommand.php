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
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'jog')]
final class JogCommand extends Command
{
    /** A word on standard input holds so long: whoever falls silent lets go. */
    private const WORD_SECONDS = 0.1;
    private const WORD_BYTES = 4_096;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.jog.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.jog.plan'));
        $this->addOption('rig', null, InputOption::VALUE_REQUIRED, Words::of('cli.jog.rig'));
        $this->addOption('home', null, InputOption::VALUE_NONE, Words::of('cli.jog.home'));
        $this->addOption('to', null, InputOption::VALUE_REQUIRED, Words::of('cli.jog.to'));
        $this->addOption('steps', null, InputOption::VALUE_REQUIRED, Words::of('cli.jog.by'));
        $steer = Words::of('cli.jog.steer');
        $this->addOption('steer', null, InputOption::VALUE_REQUIRED, $steer);
        $this->addOption('for', null, InputOption::VALUE_REQUIRED, Words::of('cli.jog.for'));
        RigOptions::addTo($this);
        $this->setHelp(
            Words::of('cli.jog.help'),
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getOption('rig');
        if (!is_string($address) || $address === '' || $address === 'sim') {
            throw new BadUsage(Words::of('cli.jog.rig_problem'));
        }
        $plan = Input::planAtOnce($input);
        $seconds = $input->getOption('for') === null ? null : Input::seconds($input, 'for');
        $to = self::places($input, 'to', $plan);
        $steps = self::places($input, 'steps', $plan);
        $steer = self::places($input, 'steer', $plan);
        if ($steer !== [] && $seconds === null) {
            throw new BadUsage(Words::of('cli.jog.for_problem'));
        }
        $hand = new HandOnRig(new GcodeRig($plan->rig, $address, RigOptions::dialect($input)), $plan->rig);
        $locks = DeviceLocks::take($address, '') ?? throw new BadUsage(Words::of('cli.jog.in_use'));
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
            fwrite(STDERR, "evrent: " . Words::say($wrong->says) . "\n");

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
            ?? throw new BadUsage(Words::of('cli.jog.axes_problem', option: $option, x: implode(', ', $plan->rig->axisIds())));
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
