<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Codec;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\Frames;

/**
 * What ffmpeg is told, to make a clip of photos that come one for each frame.
 */
final readonly class Film
{
    /** How pixel values go with light (Picture measures by the same). */
    private const GAMMA = 2.2;

    /** H.264 and H.265 by what is seen of their losses, ProRes by its profile: 422 HQ. */
    private const ENCODERS = [
        'h264' => ['-c:v', 'libx264', '-preset', 'medium', '-crf', '18', '-pix_fmt', 'yuv420p', '-movflags', '+faststart'],
        'h265_10bit' => [
            '-c:v', 'libx265', '-preset', 'medium', '-crf', '18', '-pix_fmt', 'yuv420p10le', '-tag:v', 'hvc1', '-movflags', '+faststart',
            '-x265-params', 'log-level=error',
        ],
        'prores' => ['-c:v', 'prores_ks', '-profile:v', '3', '-vendor', 'apl0', '-pix_fmt', 'yuv422p10le'],
    ];
    /** For what is to be there at once. */
    private const QUICK = ['-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '26', '-pix_fmt', 'yuv420p', '-movflags', '+faststart'];
    private const QUICK_HEIGHT = 360;
    private const SPARE = 1.5;

    public int $width;
    public int $height;

    /**
     * @param Frames            $frames
     * @param int               $photoWidth  pixels
     * @param int               $photoHeight likewise
     * @param array<int, float> $offsets     stops by which photos are made brighter, by number
     * @param bool              $isQuick     whether it is only to be looked at, at once
     */
    public function __construct(
        private Frames $frames,
        private int $photoWidth,
        private int $photoHeight,
        private array $offsets,
        private bool $isQuick = false,
    ) {
        $clip = $frames->clip;
        $box = $clip->crop->box($photoWidth / $photoHeight, $clip->shape);
        $height = $isQuick ? (float) min(self::QUICK_HEIGHT, 2 * $photoHeight) : (float) ($clip->size->height() ?? $box[3] * $photoHeight);
        $this->height = self::even($height);
        $this->width = self::even($clip->size->height() === null && !$isQuick ? $box[2] * $photoWidth : $height * $clip->shape);
    }

    /**
     * @param string $input    pattern of the photos' paths, numbered from 1 by frame, such as %06d.jpg
     * @param string $commands path of a file with what `commands()` says
     * @param string $output   path
     *
     * @return list<string> all but the program's name
     */
    public function arguments(string $input, string $commands, string $output): array
    {
        [$count, $seconds] = $this->frames->rate();

        return [
            ...$this->coarsely(), '-protocol_whitelist', 'file', '-f', 'image2', '-framerate', "{$count}/{$seconds}", '-start_number', '1', '-i', $input,
            '-vf', $this->filters($commands), '-frames:v', (string) count($this->frames->frames), '-fps_mode', 'passthrough', '-an',
            '-color_primaries', 'bt709', '-color_trc', 'bt709', '-colorspace', 'bt709', '-color_range', 'tv',
            // The same photos give the same bytes.
            '-map_metadata', '-1', '-fflags', '+bitexact', '-flags:v', '+bitexact',
            ...($this->isQuick ? self::QUICK : self::ENCODERS[$this->frames->clip->codec->value]), '-y', $output,
        ];
    }

    /**
     * For a quick look JPEG is read no finer than it is shown.
     *
     * @return list<string>
     */
    private function coarsely(): array
    {
        $halves = $this->isQuick ? (int) max(0, min(3, floor(log($this->photoHeight / $this->height, 2)))) : 0;

        return $halves === 0 ? [] : ['-lowres', (string) $halves];
    }

    /** How much brighter each frame is made, from its time on, for ffmpeg's `sendcmd`; empty where none is. */
    public function commands(): string
    {
        if ($this->offsets === []) {
            return '';
        }
        [$count, $seconds] = $this->frames->rate();
        $lines = '';
        $is = 0.0;
        foreach ($this->frames->frames as $n => $frame) {
            $stops = $this->offsets[$frame->photo] ?? 0.0;
            $stops += $frame->over === null ? 0.0 : $frame->share * (($this->offsets[$frame->over] ?? 0.0) - $stops);
            // Of pixel values, which go with the root of the light.
            $becomes = round($stops / self::GAMMA, 4);
            if ($becomes !== $is) {
                // Half a frame before its time, so that rounding cannot make it the next one.
                $lines .= sprintf("%.6F exposure exposure %.4F;\n", max(0.0, ($n - 0.5) * $seconds / $count), $becomes);
                $is = $becomes;
            }
        }

        return $lines;
    }

    /**
     * Scaled as JPEG has its colours (BT.601), then brought to those of films (BT.709) by a filter that is quick at it: one that does both at once
     * takes twice as long as all the rest.
     */
    private function filters(string $commands): string
    {
        $pixels = $this->pixels();
        $flags = $this->isQuick ? 'bilinear' : 'lanczos';
        $filters = [
            ...$this->cropped(), "scale={$this->width}:{$this->height}:flags={$flags}:out_color_matrix=bt601:out_range=tv,setsar=1", "format={$pixels}",
        ];
        $level = [
            'zscale=matrix=gbr:matrixin=470bg:range=full:rangein=tv', 'format=gbrpf32le', "sendcmd=f={$commands}", 'exposure=exposure=0',
            'zscale=matrix=709:matrixin=gbr:range=tv:rangein=full',
        ];

        return implode(',', [...$filters, ...($this->offsets === [] ? ['zscale=matrix=709:matrixin=470bg:range=tv:rangein=tv'] : $level), "format={$pixels}"]);
    }

    private function pixels(): string
    {
        return match ($this->isQuick ? Codec::H264 : $this->frames->clip->codec) {
            Codec::H264 => 'yuv420p',
            Codec::H265 => 'yuv420p10le',
            Codec::ProRes => 'yuv422p10le',
        };
    }

    /**
     * @return list<string>
     */
    private function cropped(): array
    {
        $clip = $this->frames->clip;
        if ($clip->endCrop !== null) {
            return [...$this->smaller($clip->crop, $clip->endCrop), $this->moving($clip->crop, $clip->endCrop)];
        }
        [$left, $top, $width, $height] = $clip->crop->box($this->photoWidth / $this->photoHeight, $clip->shape);
        if ($width > 1.0 - 1e-6 && $height > 1.0 - 1e-6) {
            return [];
        }

        // As shares: what is read coarsely has fewer pixels.
        return [sprintf('crop=iw*%.6F:ih*%.6F:iw*%.6F:ih*%.6F:exact=1', min(1.0, $width), min(1.0, $height), max(0.0, $left), max(0.0, $top))];
    }

    /**
     * What comes out as so many pixels need not be moved as twice as many.
     *
     * @return list<string>
     */
    private function smaller(Crop $crop, Crop $end): array
    {
        $wanted = self::SPARE * $this->width / min($crop->width, $end->width);

        return $wanted >= $this->photoWidth ? [] : [sprintf('scale=%d:-2:flags=bicubic', self::even($wanted))];
    }

    /** The crop goes on its way by parts of a pixel: by whole ones, a slow zoom would shake. The same way as `Crop::toward()`. */
    private function moving(Crop $crop, Crop $end): string
    {
        $widest = $this->frames->clip->shape * $this->photoHeight / $this->photoWidth;
        $share = sprintf('((on-1)/%d)', max(1, count($this->frames->frames) - 1));
        $width = sprintf('min(%.9F\\,min(1\\,%.9F*pow(%.9F\\,%s)))', $widest, $crop->width, $end->width / $crop->width, $share);
        $x = sprintf('(%.9F+%.9F*%s)', $crop->x, $end->x - $crop->x, $share);
        $y = sprintf('(%.9F+%.9F*%s)', $crop->y, $end->y - $crop->y, $share);
        // Half of its height, as a share of the photo's.
        $half = sprintf('%s*%.9F', $width, 0.5 / $widest);
        [$left, $right] = ["W*({$x}-0.5*{$width})", "W*({$x}+0.5*{$width})"];
        [$top, $bottom] = ["H*({$y}-{$half})", "H*({$y}+{$half})"];

        return sprintf(
            'perspective=x0=%1$s:y0=%3$s:x1=%2$s:y1=%3$s:x2=%1$s:y2=%4$s:x3=%2$s:y3=%4$s:interpolation=cubic:sense=source:eval=frame',
            $left,
            $right,
            $top,
            $bottom,
        );
    }

    private static function even(float $pixels): int
    {
        return max(2, 2 * (int) round($pixels / 2.0));
    }
}
