<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\KitItem;
use App\Models\Shot;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Picking;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\KitFormat;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\TypedKit;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * The bag: what there is to take along, and what a shot picks from it.
 */
final class KitController
{
    private const MOST_KILOBYTES = 1_024;

    public function index(): View
    {
        return view('kit.index', ['items' => KitItem::query()->orderBy('id')->get()->groupBy('kind')]);
    }

    public function store(Request $request): RedirectResponse
    {
        return $this->keep($request, new KitItem(), 'kit.new');
    }

    public function update(Request $request, KitItem $item): RedirectResponse
    {
        return $this->keep($request, $item, "kit.{$item->id}");
    }

    public function destroy(KitItem $item): RedirectResponse
    {
        $item->delete();

        return redirect()->route('kit.index')
            ->with('notice', 'Shots that picked it stay as they are.')->with('deleted', ['kind' => 'kit', 'id' => $item->id, 'name' => $item->name]);
    }

    /** Kit of other bags: what has the same kind and name is replaced. */
    public function import(Request $request): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:' . self::MOST_KILOBYTES]],
            ['file.*' => 'Choose a kit file (evrent.kit/1 as JSON, or CSV) of up to 1 MB.'],
        );
        $file = $request->file('file');
        assert($file instanceof UploadedFile);
        try {
            $pieces = KitFormat::read($file->getContent());
        } catch (InvalidInput $invalid) {
            return redirect()->route('kit.index')->withErrors(['file' => array_map(
                static fn (Problem $problem): string => trim("{$problem->pointer}: {$problem->message}", ': /'),
                array_slice($invalid->problems, 0, 20),
            )]);
        }
        DB::connection()->transaction(static function () use ($pieces): void {
            // Two files read at once would both find a name free: one after the other.
            DB::statement('lock table kit_items in share row exclusive mode');
            foreach ($pieces as $piece) {
                KitItem::query()->updateOrCreate(['kind' => $piece->kind->value, 'name' => $piece->name], KitItem::keeping($piece));
            }
        });

        return redirect()->route('kit.index')->with('notice', trans_choice('{1} One piece is in the bag.|[2,*] :count pieces are in the bag.', count($pieces)));
    }

    public function json(): Response
    {
        return response(
            KitFormat::toJson($this->pieces()),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="kit.json"'],
        );
    }

    public function csv(): StreamedResponse
    {
        return response()->streamDownload(function (): void {
            $out = fopen('php://output', 'wb');
            assert($out !== false);
            foreach (KitFormat::rows($this->pieces()) as $row) {
                fputcsv($out, $row, ',', '"', '');
            }
            fclose($out);
        }, 'kit.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Puts a piece into a shot, which keeps its numbers as they are now. */
    public function pick(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $item = KitItem::query()->find($request->integer('item'));
        if ($item === null) {
            return ShotResponse::shown($request, $shot, 'That piece is no longer in the bag. Choose another.');
        }
        $count = Typed::text($request, 'count') === '' ? 1.0 : TypedText::number(Typed::text($request, 'count'));

        $edit = static fn (PinnedPlan $plan): Edited => $plan->became(
            Picking::pick($plan->plan, $item->piece(), (int) ($count ?? 1)),
            "{$item->piece()->kind->label()}: {$item->name}",
        );

        $notice = "“{$item->name}” is in this shot. Undo takes it back.";

        $unfit = "“{$item->name}” does not fit here.";

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit), $notice, $unfit);
    }

    private function keep(Request $request, KitItem $item, string $bag): RedirectResponse
    {
        $back = redirect()->to(route('kit.index') . '#' . (KitKind::tryFrom(Typed::text($request, 'kind'))->value ?? ''));
        try {
            $piece = DB::connection()->transaction(function () use ($request, $item): Piece {
                $typed = $request->all();
                if ($item->exists) {
                    $locked = KitItem::query()->lockForUpdate()->findOrFail($item->id);
                    $typed = [...$typed, ...SeenValues::merged($request, TypedKit::texts($locked->piece()))];
                }
                $piece = TypedKit::read($typed);
                $item->fill(KitItem::keeping($piece))->save();

                return $piece;
            });
        } catch (UniqueConstraintViolationException) {
            $taken = new InvalidInput([new Problem('/name', 'There is one of this name already. Enter another, or count it there.')]);

            return $back->withInput([...$request->all(), 'bag' => $bag])->withErrors(ShotResponse::errors($taken, $bag));
        } catch (InvalidInput $invalid) {
            return $back->withInput([...$request->all(), 'bag' => $bag])->withErrors(ShotResponse::errors($invalid, $bag));
        }

        return $back->with('notice', "“{$piece->name}” is in the bag.");
    }

    /**
     * @return list<Piece>
     */
    private function pieces(): array
    {
        return array_values(KitItem::query()->orderBy('id')->get()->map(static fn (KitItem $item): Piece => $item->piece())->all());
    }
}
