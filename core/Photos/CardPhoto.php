<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * One photo as its file tells of it. Null where the file says nothing.
 */
final readonly class CardPhoto
{
    /**
     * @param string   $file         path, as it was given
     * @param ?float   $unixSeconds  when its shutter opened, on the camera's own clock; of a clock that shows whole seconds, their middle
     * @param bool     $isExact      whether the clock shows parts of a second
     * @param TimeFrom $timeFrom     what that time is taken from
     * @param ?int     $folderNumber such as 100 of 100EVRNT
     * @param ?int     $fileNumber   as the camera counts
     * @param ?string  $body         serial number
     */
    public function __construct(
        public string $file,
        public ?float $unixSeconds,
        public bool $isExact = false,
        public TimeFrom $timeFrom = TimeFrom::Exif,
        public ?int $folderNumber = null,
        public ?int $fileNumber = null,
        public ?string $body = null,
        public ?float $exposureSeconds = null,
        public ?float $aperture = null,
        public ?float $iso = null,
        public ?float $focalMillimetres = null,
        public ?string $whiteBalance = null,
        public ?string $focusMode = null,
    ) {
    }

    /** Path without its ending: a raw file and the JPEG beside it are one photo. */
    public function stem(): string
    {
        return (string) preg_replace('/\.[^.\/]*$/', '', $this->file);
    }

    /** Whether it was written as a picture that anything can show. */
    public function isJpeg(): bool
    {
        return preg_match('/\.jpe?g$/i', $this->file) === 1;
    }
}
