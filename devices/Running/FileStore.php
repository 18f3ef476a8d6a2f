<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;
use Evrent\Words\Words;

/**
 * A take's log in a file of lines (evrent.run-log/2), and orders as words on standard input. Each line is on the disk before the next thing is done;
 * the file is held, so that nobody else goes on with the same take.
 */
final class FileStore implements TakeStore
{
    /** @var resource */
    private $file;

    /**
     * The same file once more: a stream that PHP has synced is written through a buffer from then on, which says that it has what the disk does not.
     *
     * @var resource
     */
    private $onDisk;
    private string $unread = '';
    private bool $hasComplained = false;

    /**
     * @param list<LogLine> $kept  what the file holds already
     * @param ?resource     $input where orders come from; null for none
     * @param ?resource     $aloud where alarms are said too; null for nowhere
     * @param int           $token of who writes: one more than that of who wrote last
     *
     * @throws Failure when somebody else has the file, or it cannot be written
     */
    public function __construct(
        string $path,
        ?string $header,
        private readonly array $kept,
        private $input = null,
        private $aloud = null,
        private readonly int $token = 1,
    ) {
        $file = @fopen($path, $header === null ? 'r+b' : 'xb');
        if ($file === false) {
            throw new Failure(new Message($header === null ? 'devices.file_store.not_written' : 'devices.file_store.exists', ['path' => $path]));
        }
        if (!flock($file, LOCK_EX | LOCK_NB)) {
            throw new Failure(new Message('devices.file_store.in_use', ['path' => $path]));
        }
        $onDisk = @fopen($path, 'rb');
        if ($onDisk === false) {
            throw new Failure(new Message('devices.file_store.not_read', ['path' => $path]));
        }
        $this->file = $file;
        $this->onDisk = $onDisk;
        if ($header !== null && !$this->isWritten($header)) {
            throw new Failure(new Message('devices.file_store.full'));
        }
        if ($header === null) {
            // A line that broke off never happened.
            $text = (string) stream_get_contents($file);
            $whole = strrpos($text, "\n");
            ftruncate($file, max(0, $whole === false ? 0 : $whole + 1));
            fseek($file, 0, SEEK_END);
        }
        if ($this->input !== null) {
            stream_set_blocking($this->input, false);
        }
    }

    /** Of a file that only one can hold, nobody is refused; a disk that is full is waited for. */
    public function append(LogLine $line, int $number): Appended
    {
        if (!$this->isWritten(TakeLogLines::line($line->in(Words::sayAll(...)), $this->token))) {
            $this->complain();

            return Appended::Away;
        }
        $this->hasComplained = false;
        if ($this->aloud !== null && $line->kind === LogKind::Alarm) {
            fwrite($this->aloud, ($line->photo === null ? '' : "photo {$line->photo}: ") . Words::say($line->words('says')) . "\n");
        }

        return Appended::Stored;
    }

    public function prove(): void
    {
    }

    public function unprovenSeconds(): float
    {
        return 0.0;
    }

    public function lines(): iterable
    {
        return $this->kept;
    }

    public function orders(): array
    {
        if ($this->input === null || feof($this->input)) {
            return [];
        }
        $this->unread .= (string) fread($this->input, 4_096);
        $orders = [];
        while (($end = strpos($this->unread, "\n")) !== false) {
            [$word, $number] = explode(' ', trim(substr($this->unread, 0, $end)), 2) + [1 => ''];
            $this->unread = substr($this->unread, $end + 1);
            $order = Order::tryFrom($word);
            if ($order !== null) {
                $orders[] = [$order, is_numeric($number) ? ['photos' => (int) $number] : []];
            }
        }

        return $orders;
    }

    public function picture(int $photo, string $jpeg): void
    {
    }

    public function beat(TakeState $state, float $now, ?RigStatus $rig): void
    {
    }

    /** @return bool whether all of it is on the disk: else none of it is */
    private function isWritten(string $text): bool
    {
        $begins = ftell($this->file);
        if (@fwrite($this->file, $text) === strlen($text) && @fsync($this->onDisk)) {
            return true;
        }
        ftruncate($this->file, max(0, (int) $begins));
        fseek($this->file, 0, SEEK_END);

        return false;
    }

    private function complain(): void
    {
        if ($this->aloud !== null && !$this->hasComplained) {
            fwrite($this->aloud, Words::of('devices.file_store.waits') . "\n");
        }
        $this->hasComplained = true;
    }
}
