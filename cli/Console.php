<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Words\Words;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\CompleteCommand;
use Symfony\Component\Console\Command\DumpCompletionCommand;
use Symfony\Component\Console\Command\HelpCommand;
use Symfony\Component\Console\Command\ListCommand;
use Symfony\Component\Console\Exception\CommandNotFoundException;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputDefinition;
use Symfony\Component\Console\Input\InputOption;

/**
 * The console library's application, with what it says of itself in the words of the catalogue.
 */
final class Console extends Application
{
    /** What the library says of wrong usage, by the keys of cli.usage. */
    private const ERRORS = [
        'no_option' => '/^The "(?<what>-.+)" option does not exist\.$/s',
        'wants_value' => '/^The "(?<what>.+)" option requires a value\.$/s',
        'takes_no_value' => '/^The "(?<what>.+)" option does not accept a value\.$/s',
        'missing' => '/^Not enough arguments \(missing: "(?<what>.+)"\)\.$/s',
        'too_many' => '/^Too many arguments\b.*expected arguments "(?<what>.+)"\.$/s',
        'none_expected' => '/^No arguments expected\b.*got "(?<what>.+)"\.$/s',
    ];

    public static function error(ExceptionInterface $wrong): string
    {
        foreach (self::ERRORS as $key => $pattern) {
            if (preg_match($pattern, $wrong->getMessage(), $found) === 1) {
                return Words::of("cli.usage.{$key}", what: $found['what']);
            }
        }

        return Words::of('cli.usage.other', message: $wrong->getMessage());
    }

    /** @throws BadUsage instead of asking whether another was meant: whoever calls from a program cannot answer */
    public function find(string $name): Command
    {
        try {
            return parent::find($name);
        } catch (CommandNotFoundException $unknown) {
            $meant = $unknown->getAlternatives();
            throw new BadUsage($meant === []
                ? Words::of('cli.usage.no_command', name: $name)
                : Words::of('cli.usage.meant', name: $name, commands: implode(', ', $meant)));
        }
    }

    protected function getDefaultInputDefinition(): InputDefinition
    {
        $flag = static fn (string $name, ?string $short, string $key): InputOption
            => new InputOption($name, $short, InputOption::VALUE_NONE, Words::of("cli.usage.{$key}"));

        return new InputDefinition([
            new InputArgument('command', InputArgument::REQUIRED, Words::of('cli.usage.command')),
            $flag('help', 'h', 'help'),
            $flag('silent', null, 'silent'),
            $flag('quiet', 'q', 'quiet'),
            $flag('verbose', 'v|vv|vvv', 'verbose'),
            $flag('version', 'V', 'version'),
            new InputOption('ansi', null, InputOption::VALUE_NEGATABLE, Words::of('cli.usage.ansi')),
            $flag('no-interaction', 'n', 'no_interaction'),
        ]);
    }

    /** @return list<Command> */
    protected function getDefaultCommands(): array
    {
        $raw = new InputOption('raw', null, InputOption::VALUE_NONE, Words::of('cli.usage.raw'));
        $format = new InputOption('format', null, InputOption::VALUE_REQUIRED, Words::of('cli.usage.format'), 'txt');
        $optional = static fn (string $name, string $key, ?string $usual = null): InputArgument
            => new InputArgument($name, InputArgument::OPTIONAL, Words::of("cli.usage.{$key}"), $usual);
        $list = (new ListCommand())->setDescription(Words::of('cli.usage.list'))->setHelp('');
        $short = new InputOption('short', null, InputOption::VALUE_NONE, Words::of('cli.usage.short'));
        $list->setDefinition([$optional('namespace', 'namespace'), $raw, $format, $short]);
        $help = (new HelpCommand())->setDescription(Words::of('cli.usage.help_of'))->setHelp('');
        $help->setDefinition([$optional('command_name', 'command', 'help'), $format, $raw]);
        $completion = (new DumpCompletionCommand())->setDescription(Words::of('cli.usage.completion'))->setHelp('');
        $completion->setDefinition([$optional('shell', 'shell'), new InputOption('debug', null, InputOption::VALUE_NONE, Words::of('cli.usage.debug'))]);

        return [$list, $help, new CompleteCommand(), $completion];
    }
}
