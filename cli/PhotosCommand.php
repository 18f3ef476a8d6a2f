<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Differences;
use Evrent\Core\Photos\Judged;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\OwnTimer;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Shot\Shot;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'photos')]
final class PhotosCommand extends Command
{
    /** What exiftool tells of a hundred thousand photos, all tags left in. */
    private const MOST_BYTES = 500_000_000;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.photos.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addArgument('metadata', InputArgument::REQUIRED, Words::of('cli.photos.exif'));
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, Words::of('cli.photos.log'));
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, Words::of('cli.check.format'), 'text');
        $this->setHelp(Words::of('cli.photos.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = Input::choice($input, 'format', ['text', 'json']);
        $shot = Shot::of(Input::planAtOnce($input));
        $card = CardPhotos::fromExifTool(self::metadata($input), $shot->plan->site->zone ?? 'UTC');
        $planned = PlannedPhotos::of($shot);
        $log = $input->getOption('log');
        if (is_string($log)) {
            ['header' => $header, 'lines' => $lines] = TakeLogLines::read(Input::file($log, '--log'));
            if (($header['plan_sha256'] ?? '') !== TakeLogLines::planHash($shot->plan)) {
                throw new BadUsage(Words::of('cli.photos.other_plan'));
            }
            $begun = $header['begun_unix_s'] ?? null;
            $planned = PlannedPhotos::ofLog($shot, is_int($begun) || is_float($begun) ? (float) $begun : 0.0, $lines);
        }
        $matching = Matching::of($planned, $card);
        $more = OwnTimer::finding($shot, $matching);
        $told = $format === 'json'
            ? MatchJson::encode(Words::sayAll(MatchJson::of($matching, $card->skipped, null, $more)))
            : self::text($matching, $card, $more);
        $output->write($told, false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /**
     * @throws BadUsage
     */
    private static function metadata(InputInterface $input): string
    {
        $path = $input->getArgument('metadata');

        return Input::file(is_string($path) ? $path : '', 'METADATA', self::MOST_BYTES);
    }

    /**
     * @param array<string, Finding> $more
     */
    private static function text(Matching $matching, CardPhotos $card, array $more): string
    {
        $offset = $matching->clockOffsetSeconds();
        $counted = ['there' => $matching->planned->count() - count($matching->missing()), 'count' => $matching->planned->count()];
        $lines = [$offset === null ? Words::say(new Message('cli.photos.there', $counted)) : Words::say(new Message(
            $offset < 0.0 ? 'cli.photos.clock_behind' : 'cli.photos.clock_ahead',
            [...$counted, 'seconds' => Quantity::rounded(abs($offset), 1)],
        ))];
        if ($matching->clock !== null && abs($matching->clock->drift) >= 1e-6) {
            $lines[] = Words::of('cli.photos.drift', ppm: Quantity::rounded($matching->clock->drift * 1e6, 0));
        }
        foreach ($matching->said as $says) {
            $lines[] = Words::say($says);
        }
        foreach ([...Differences::of($matching), ...Judged::of($matching), ...$more] as $finding) {
            $lines[] = "{$finding->id->value} " . Words::say($finding->sentence) . ' ' . Words::say($finding->advice);
        }
        foreach ($matching->extras() as $extra) {
            $lines[] = "{$extra['photo']->file}: " . Words::say($extra['why']->told());
        }
        foreach ($card->skipped as $skipped) {
            $lines[] = Words::of('cli.photos.skipped', file: $skipped['file'], why: $skipped['why']);
        }

        return implode("\n", $lines) . "\n";
    }
}
