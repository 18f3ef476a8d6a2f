<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Actions\KeepPiece;
use App\Actions\KeepPieces;
use App\Actions\ThrowAway;
use App\Actions\UsualSet;
use App\Http\AskedEdit;
use App\Http\Requests\KitFileForm;
use App\Http\Requests\PieceForm;
use App\Http\Requests\TryDeviceForm;
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
use Evrent\Core\Kit\TypedKit;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * The bag: what there is to take along, and what a shot picks from it.
 */
final class KitController
{
    public function index(): View
    {
        return view('kit.index', ['items' => KitItem::query()->orderBy('id')->get()->groupBy('kind')]);
    }

    public function store(PieceForm $form, KeepPiece $keep): RedirectResponse
    {
        return $this->keep($form, $keep);
    }

    public function update(PieceForm $form, KitItem $item, KeepPiece $keep): RedirectResponse
    {
        return $this->keep($form, $keep);
    }

    public function destroy(KitItem $item, ThrowAway $throwAway): RedirectResponse
    {
        return redirect()->route('kit.index')->with('notice', Words::of('app.kit.removed'))->with($throwAway($item, 'kit', $item->name));
    }

    /** Whether a rig or a camera is where the kit says, and works. */
    public function try(TryDeviceForm $form, KitItem $item): RedirectResponse
    {
        $said = $form->taken($form->tried(...));

        return redirect($form->standsAt())->with('notice', "{$item->name}: " . Words::say(Joined::of($said, Joined::SENTENCES)));
    }

    /** Kit of other bags: what has the same kind and name is replaced. */
    public function import(KitFileForm $form, KeepPieces $keep): RedirectResponse
    {
        $pieces = $form->readBy(KitFormat::read(...));
        $keep($pieces);

        return redirect()->route('kit.index')->with('notice', Words::of('app.kit.imported', count: count($pieces)));
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
    public function pick(Request $request, Shot $shot, EditShot $editShot, UsualSet $usualSet): Response|RedirectResponse
    {
        $item = KitItem::query()->find($request->integer('item'));
        if ($item === null) {
            return ShotResponse::shown($request, $shot, Words::of('app.item_gone'));
        }
        $count = Typed::text($request, 'count') === '' ? 1.0 : TypedText::number(Typed::text($request, 'count'));

        $pieces = [[$item, (int) ($count ?? 1)], ...$usualSet($item, $shot->pinned()->plan, $shot->id)];
        $names = Words::listed(array_map(static fn (array $piece): string => "“{$piece[0]->name}”", $pieces));
        $edit = static fn (PinnedPlan $plan): Edited => $plan->became(
            array_reduce($pieces, static fn (Plan $so, array $piece): Plan => Picking::pick($so, $piece[0]->piece(), $piece[1]), $plan->plan),
            Words::say($item->piece()->kind->label()) . ': ' . implode(', ', array_map(static fn (array $piece): string => $piece[0]->name, $pieces)),
            null,
        );

        $notice = count($pieces) > 1
            ? Words::of('app.kit.picked_many', names: $names)
            : Words::of('app.kit.picked', names: $names);

        $unfit = Words::of('app.no_fit', name: $item->name);

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit), $notice, $unfit);
    }

    private function keep(PieceForm $form, KeepPiece $keep): RedirectResponse
    {
        $piece = $form->taken(static fn (): Piece => $keep($form->item(), static fn (?Piece $kept): Piece => TypedKit::read([
            ...(array) $form->post(),
            ...($kept === null ? [] : SeenValues::merged($form, TypedKit::texts($kept))),
        ])));

        return redirect()->to($form->standsAt())->with('notice', Words::of('app.kit.kept', piece: $piece->name));
    }

    /**
     * @return list<Piece>
     */
    private function pieces(): array
    {
        return array_values(KitItem::query()->orderBy('id')->get()->map(static fn (KitItem $item): Piece => $item->piece())->all());
    }
}
