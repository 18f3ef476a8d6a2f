<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\MatchJson;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Differences;
use Evrent\Core\Photos\Judged;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\OwnTimer;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'photos', description: 'Which photo on the card is which of the plan’s')]
final class PhotosCommand extends Command
{
    /** What exiftool tells of a hundred thousand photos, all tags left in. */
    private const MOST_BYTES = 500_000_000;

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1), or - for standard input');
        $this->addArgument('metadata', InputArgument::REQUIRED, 'What exiftool -json -n writes of the photos');
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, 'the log of the take that they are of');
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
        $this->setHelp('Reads no photo itself: only what exiftool tells of them.');
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
                throw new BadUsage('--log: this log follows another plan. Give the plan that the take was shot with.');
            }
            $begun = $header['begun_unix_s'] ?? null;
            $planned = PlannedPhotos::ofLog($shot, is_int($begun) || is_float($begun) ? (float) $begun : 0.0, $lines);
        }
        $matching = Matching::of($planned, $card);
        $more = array_filter([OwnTimer::finding($shot, $matching)]);
        $told = $format === 'json' ? MatchJson::of($matching, $card->skipped, null, $more) : self::text($matching, $card, $more);
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
     * @param list<array{says: string, failure?: string, mend: string}> $more
     */
    private static function text(Matching $matching, CardPhotos $card, array $more): string
    {
        $offset = $matching->clockOffsetSeconds();
        $lines = [sprintf(
            '%s of %s are on the card%s.',
            number_format($matching->planned->count() - count($matching->missing())),
            PlainText::photos($matching->planned->count()),
            $offset === null ? '' : sprintf(
                '; the camera’s clock is %s s %s%s',
                PlainText::rounded(abs($offset), 1),
                $offset < 0.0 ? 'behind' : 'ahead',
                $matching->clock === null || abs($matching->clock->drift) < 1e-6
                    ? ''
                    : sprintf(' and drifts by %s ppm', PlainText::rounded($matching->clock->drift * 1e6, 0)),
            ),
        )];
        foreach ($matching->said as $says) {
            $lines[] = $says;
        }
        foreach ([...Differences::of($matching), ...Judged::of($matching), ...$more] as $finding) {
            $lines[] = (isset($finding['failure']) ? "{$finding['failure']} " : '') . "{$finding['says']} {$finding['mend']}";
        }
        foreach ($matching->extras() as $extra) {
            $lines[] = "{$extra['photo']->file}: {$extra['why']->told()}";
        }
        foreach ($card->skipped as $skipped) {
            $lines[] = "{$skipped['file']}: left out, {$skipped['why']}";
        }

        return implode("\n", $lines) . "\n";
    }
}
