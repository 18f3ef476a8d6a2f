@php
    use Evrent\Core\Format\PlainText;
    $summary = $page->schedule->summary;
    $stopping = $page->report->stopping();
    $works = $stopping === [];
@endphp
<x-part id="verdict" class="verdict" tabindex="-1" :data-works="$works ? 'yes' : 'no'" :swap="isset($swap)">
    <x-icon :name="$works ? 'circle-check' : 'octagon-x'" />
    <p class="says">
        @if ($works)
            <strong>This shot works.</strong>
            <span>The tightest photo is number {{ $summary->tightestPhoto }}, with {{ PlainText::seconds($summary->minSlackSeconds) }} to spare.</span>
        @else
            <strong>This shot falls short.</strong>
            <span>{{ $stopping[0]->title }}: {{ $stopping[0]->shortfall }}.</span>
        @endif
    </p>
    <div class="history">
        <x-act :action="route('runs.store', $page->shot)" icon="play" class="is-strong" id="dry-run">Dry-run it</x-act>
        <x-act :action="route('shots.undo', $page->shot)" icon="undo-2" class="is-quiet" id="undo" :disabled="$page->undoes() === null" :title="$page->undoes() ? 'Undo: ' . $page->undoes() : 'Nothing to undo'" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false">Undo</x-act>
        <x-act :action="route('shots.redo', $page->shot)" icon="redo-2" class="is-quiet" id="redo" :disabled="$page->redoes() === null" :title="$page->redoes() ? 'Do again: ' . $page->redoes() : 'Nothing to do again'" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false">Redo</x-act>
    </div>
</x-part>
