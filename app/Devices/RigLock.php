<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Support\Facades\DB;

/**
 * Who drives a rig holds its lock: two never do. It goes with the connection to the database, however that ends.
 */
final class RigLock
{
    /** Names the kind of lock, among all that a database may hold. */
    private const KIND = 0x45_56_52;

    /** @return bool whether it is held now; false when somebody else has it */
    public static function take(string $rig): bool
    {
        /** @var list<object{held: bool}> $answer */
        $answer = DB::select('select pg_try_advisory_lock(?, hashtext(?)) as held', [self::KIND, $rig]);

        return $answer[0]->held;
    }

    public static function letGo(string $rig): void
    {
        DB::select('select pg_advisory_unlock(?, hashtext(?))', [self::KIND, $rig]);
    }
}
