<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use Evrent\Core\Run\Exposed;
use Evrent\Core\Run\PhotoTaken;
use Illuminate\Database\Eloquent\Model;

/**
 * One photo of a run, planned against actual. Seconds count from the first planned trigger.
 *
 * @property int                $run_id
 * @property int                $number
 * @property string             $phase
 * @property float              $planned_trigger_seconds
 * @property float              $trigger_seconds
 * @property ?float             $open_seconds
 * @property ?float             $close_seconds
 * @property float              $planned_write_end_seconds
 * @property ?float             $write_end_seconds
 * @property float              $late_seconds
 * @property \Evrent\Core\Messages\Text|string             $faults          why it cannot be used; empty when it can
 * @property array<string, int> $planned_motor_position_steps
 * @property array<string, int> $motor_position_steps
 */
final class RunPhoto extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    /** As the run had it. */
    public function taken(): PhotoTaken
    {
        $exposed = $this->open_seconds === null || $this->close_seconds === null || $this->write_end_seconds === null
            ? null
            : new Exposed($this->open_seconds, $this->close_seconds, $this->write_end_seconds);

        return new PhotoTaken($this->number, $this->trigger_seconds, $this->late_seconds, $exposed, $this->motor_position_steps, $this->number);
    }

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['faults' => Said::class, 'planned_motor_position_steps' => 'array', 'motor_position_steps' => 'array'];
    }
}
