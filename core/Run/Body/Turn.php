<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * One setting that somebody turns at the camera, between two photos.
 */
final readonly class Turn
{
    /**
     * @param int   $after  the photo after which it is turned, from 1
     * @param float $from   what it stands on before: seconds, ISO or kelvin
     * @param float $to     what it is turned to
     * @param int   $clicks of the dial, in thirds of a stop; 0 where it is no dial
     */
    public function __construct(public int $after, public BodySetting $setting, public float $from, public float $to, public int $clicks)
    {
    }

    public function key(): string
    {
        return "{$this->after} {$this->setting->value}";
    }

    /** "1/6 s, 1 click longer"; "ISO 400". */
    public function words(): Text
    {
        $to = $this->setting->text($this->to);
        $to = $this->setting === BodySetting::Iso ? new Message('units.iso', ['number' => $to]) : $to;

        return $this->clicks === 0 ? $to : new Message(
            $this->to > $this->from ? 'takes.turn.longer' : 'takes.turn.shorter',
            ['to' => $to, 'count' => $this->clicks],
        );
    }
}
