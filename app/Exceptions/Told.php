<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Http\Responses\ShotResponse;
use App\Models\Shot;
use ErrorException;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Illuminate\View\ViewException;
use PDOException;
use Symfony\Component\HttpFoundation\Response as Answer;
use Throwable;

/**
 * What a shooter is told of what went wrong, in the one place where it becomes a page.
 */
final class Told
{
    /** SQLSTATE classes of a server that is away, going, or not yet there. */
    private const AWAY = ['08', '57'];
    private const AWAY_WORDS = '/server closed the connection|no connection to the server|could not connect|Connection refused|'
        . 'terminating connection|starting up|shutting down/i';
    private const DISK_FULL = '53100';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([ShotChangedElsewhere::class, EditRefused::class, FormRefused::class, InvalidInput::class, TakeUnderWay::class]);
        // A database that is away says so itself, and each page that asks for it would say it again.
        $exceptions->dontReportWhen(static fn (Throwable $failure): bool => self::saysAway(self::cause($failure)));
        $exceptions->render(self::answer(...));
    }

    public static function answer(Throwable $failure, Request $request): ?Answer
    {
        $shot = $request->route('shot');
        $failure = self::cause($failure);

        return match (true) {
            $failure instanceof FormRefused => self::refused($failure, $request),
            $failure instanceof EditRefused && $shot instanceof Shot => ShotResponse::refused($request, $shot, $failure),
            $failure instanceof ShotChangedElsewhere && $shot instanceof Shot => ShotResponse::changedElsewhere($request, $shot, $failure->pointer),
            $failure instanceof InvalidInput && $shot instanceof Shot => response()->view(
                'shots.broken',
                ['shot' => $shot, 'revision' => $shot->currentRevision(), 'problems' => $failure->problems],
                422,
            ),
            self::isFull($failure) => response()->view('errors.507', [], 507)->header('Retry-After', '10'),
            self::isAway($failure) => response()->view('errors.503', [], 503)->header('Retry-After', '2'),
            default => null,
        };
    }

    /**
     * Messages by field, as the framework keeps them from one request to the next: "kit.5.name".
     *
     * @param list<Problem> $problems
     *
     * @return array<string, string>
     */
    public static function byField(array $problems, string $under = ''): array
    {
        $messages = [];
        foreach ($problems as $problem) {
            $messages[trim($under . str_replace('/', '.', $problem->pointer), '.')] ??= Words::say($problem->message);
        }

        return $messages;
    }

    private static function refused(FormRefused $refused, Request $request): Answer
    {
        // A form that a script sends for the browser is told of its conflict by the status.
        $request->attributes->add($refused->isConflict ? ['conflict' => true] : []);
        $problems = self::byField($refused->problems, $refused->form->named());
        $typed = [...(array) $request->post(), 'bag' => $refused->form->named()];
        $part = $request->hasHeader('HX-Request') ? $refused->form->refusedPart($problems) : null;
        if ($part !== null) {
            $request->merge($typed)->flash();

            return response($part, $refused->isConflict ? 409 : 422);
        }

        return redirect()->to($refused->form->standsAt())->withInput($typed)->withErrors(array_map(
            static fn (string $message): array => explode("\n", $message),
            $problems,
        ));
    }

    /** What failed while a page was drawn comes wrapped as a failure to draw. */
    private static function cause(Throwable $failure): Throwable
    {
        while ($failure instanceof ViewException && $failure->getPrevious() !== null) {
            $failure = $failure->getPrevious();
        }

        return $failure;
    }

    private static function isAway(Throwable $failure): bool
    {
        // Some drivers have no more to say of a connection that broke; others say so of a fault, which stays in the log.
        return self::saysAway($failure) || $failure instanceof PDOException && (string) $failure->getCode() === 'HY000';
    }

    private static function saysAway(Throwable $failure): bool
    {
        if (!$failure instanceof PDOException) {
            return false;
        }
        $state = (string) $failure->getCode();

        // A connection that is refused has no SQLSTATE of its own: the driver says 7.
        return in_array(substr($state, 0, 2), self::AWAY, true) || $state === '7' || preg_match(self::AWAY_WORDS, $failure->getMessage()) === 1;
    }

    private static function isFull(Throwable $failure): bool
    {
        return $failure instanceof QueryException && (string) $failure->getCode() === self::DISK_FULL
            || ($failure instanceof ErrorException || $failure instanceof PDOException) && str_contains($failure->getMessage(), 'No space left on device')
            || str_contains($failure->getMessage(), 'errno=28');
    }
}
