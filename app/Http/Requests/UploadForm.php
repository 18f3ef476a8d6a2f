<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;

/**
 * A form that brings a file.
 */
abstract class UploadForm extends Form
{
    protected const MOST_KILOBYTES = 1_024;

    /** What is said to whoever sends none, or one that is too large. */
    abstract protected function asksFor(): string;

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:' . self::MOST_KILOBYTES]];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['file.*' => $this->asksFor()];
    }

    public function content(): string
    {
        $file = $this->file('file');
        assert($file instanceof UploadedFile);

        return $file->getContent();
    }

    /**
     * Reads the file; what is wrong in it is told by its place there, all of it at the field of the file.
     *
     * @template T
     *
     * @param callable(string): T $read
     *
     * @return T
     */
    public function readBy(callable $read): mixed
    {
        return $this->taken(function () use ($read): mixed {
            try {
                return $read($this->content());
            } catch (InvalidInput $invalid) {
                $lines = array_map(
                    static fn (Problem $problem): string => trim("{$problem->pointer}: " . Words::say($problem->message), ': '),
                    $invalid->problems,
                );

                throw new InvalidInput([new Problem('/file', implode("\n", array_slice($lines, 0, 20)))]);
            }
        });
    }
}
