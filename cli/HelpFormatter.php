<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Words\Words;
use Symfony\Component\Console\Formatter\OutputFormatter;

/**
 * The headings and remarks that the console library puts into its help, in the words of the catalogue.
 */
final class HelpFormatter extends OutputFormatter
{
    private const HEADINGS = [
        'Description:' => 'description', 'Usage:' => 'usage', 'Arguments:' => 'arguments', 'Options:' => 'options', 'Help:' => 'help_heading',
        'Available commands:' => 'commands',
    ];

    public function format(?string $message): ?string
    {
        if ($message === null || !str_contains($message, '<comment>') && !str_contains($message, '[options]')) {
            return parent::format($message);
        }
        foreach (self::HEADINGS as $heading => $key) {
            $message = str_replace("<comment>{$heading}</comment>", '<comment>' . Words::of("cli.usage.{$key}") . '</comment>', $message);
        }
        $message = str_replace(
            ['  command [options] [arguments]', ' [options]', '(multiple values allowed)'],
            ['  ' . Words::of('cli.usage.synopsis'), ' ' . Words::of('cli.usage.options_mark'), Words::of('cli.usage.repeatable')],
            $message,
        );

        return parent::format(preg_replace_callback(
            '/\[default: (.*?)\]<\/comment>/s',
            static fn (array $found): string => Words::of('cli.usage.default', value: $found[1]) . '</comment>',
            $message,
        ));
    }
}
