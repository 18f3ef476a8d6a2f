<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use Symfony\Component\Console\Input\InputInterface;

/**
 * Reads what a command is given: files, standard input for "-", and options as people type them.
 */
final class Input
{
    /** A plan with hundreds of keyframes is well under this. */
    private const MOST_BYTES = 4_000_000;
    private const PART_BYTES = 1_000_000;

    /** What is held at once fits into 200 MB up to here: 27 hours at one photo a second. */
    private const MOST_PHOTOS_AT_ONCE = 100_000;

    /**
     * @throws BadUsage
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function plan(InputInterface $input): Plan
    {
        $path = $input->getArgument('plan');

        return PlanReader::fromJson(self::file(is_string($path) ? $path : '', 'PLAN'));
    }

    /**
     * A plan whose whole schedule is looked at at once.
     *
     * @throws BadUsage
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function planAtOnce(InputInterface $input): Plan
    {
        $plan = self::plan($input);
        if (max($plan->photosTotal(), $plan->photosProgrammed()) > self::MOST_PHOTOS_AT_ONCE) {
            throw new BadUsage(Words::of('cli.input.too_many', most_photos_at_once: self::MOST_PHOTOS_AT_ONCE));
        }

        return $plan;
    }

    /**
     * @throws BadUsage
     */
    public static function file(string $path, string $name, int $mostBytes = self::MOST_BYTES): string
    {
        if ($path !== '-' && (is_dir($path) || !is_readable($path))) {
            throw new BadUsage(Words::of('cli.input.no_file', name: $name, path: $path));
        }
        $text = self::contents($path === '-' ? 'php://stdin' : $path, $mostBytes);
        if ($text === null) {
            throw new BadUsage(Words::of('cli.input.too_large', name: $name, mostBytes: intdiv($mostBytes, 1_000_000)));
        }

        return $text;
    }

    /** Bit by bit: to read it at once PHP would ask for as much room as it may take. @return ?string null where there is more */
    private static function contents(string $path, int $mostBytes): ?string
    {
        $file = fopen($path, 'r');
        $text = '';
        while (is_resource($file) && strlen($text) <= $mostBytes && ($some = fread($file, self::PART_BYTES)) !== false && $some !== '') {
            $text .= $some;
        }

        return $file === false || strlen($text) > $mostBytes ? null : $text;
    }

    /**
     * @param list<string> $choices
     *
     * @throws BadUsage
     */
    public static function choice(InputInterface $input, string $option, array $choices): string
    {
        $value = $input->getOption($option);
        if (!is_string($value) || !in_array($value, $choices, true)) {
            throw new BadUsage(Words::of('cli.input.choice', option: $option, x: implode(', ', $choices)));
        }

        return $value;
    }

    /**
     * @throws BadUsage
     */
    public static function seconds(InputInterface $input, string $option): ?float
    {
        return self::read($input, $option, TypedText::seconds(...), Words::of('cli.input.time'));
    }

    /**
     * @throws BadUsage
     */
    public static function number(InputInterface $input, string $option): ?float
    {
        return self::read($input, $option, TypedText::number(...), Words::of('cli.input.number'));
    }

    /**
     * @throws BadUsage
     */
    public static function whole(InputInterface $input, string $option): ?int
    {
        $read = static function (string $text): ?float {
            $number = TypedText::number($text);

            return $number !== null && floor($number) === $number && abs($number) < 2 ** 53 ? $number : null;
        };
        $number = self::read($input, $option, $read, Words::of('cli.input.whole'));

        return $number === null ? null : (int) $number;
    }

    /** What core refuses of the options, named as they are typed. */
    public static function badOption(InvalidInput $invalid): BadUsage
    {
        return new BadUsage(implode(' ', array_map(
            static fn (Problem $problem): string => '--' . ltrim($problem->pointer, '/') . ': ' . Words::say($problem->message),
            $invalid->problems,
        )));
    }

    /**
     * @param callable(string): ?float $read
     */
    private static function read(InputInterface $input, string $option, callable $read, string $what): ?float
    {
        $text = $input->getOption($option);
        if ($text === null) {
            return null;
        }
        $number = is_string($text) ? $read($text) : null;

        return $number ?? throw new BadUsage(Words::of('cli.input.enter', option: $option, what: $what));
    }
}
