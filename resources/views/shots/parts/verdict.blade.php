@php
    use Evrent\Core\Words\PlainText;
    $summary = $page->schedule->summary;
    $stopping = $page->report->stopping();
    $works = $stopping === [];
    $undoes = $page->undoes();
    $redoes = $page->redoes();
@endphp
<x-part id="verdict" class="verdict" tabindex="-1" :data-works="$works ? 'yes' : 'no'" :data-preview="$page->isPreview ? 'yes' : 'no'">
    <x-icon :name="$works ? 'circle-check' : 'octagon-x'" />
    <p class="says">
        <strong>{{ $page->isPreview ? ($works ? 'It would work.' : 'It would fall short.')
            : ($works ? 'This shot works.' : 'This shot falls short.') }}</strong>
        @if ($works)
            <span>@if ($page->plan->timing->mode->hasClock())The tightest photo is number {{ $summary->tightestPhoto }}, with
                {{ PlainText::seconds($summary->minSlackSeconds) }} to spare.@else Stop motion: nothing hangs on a clock.@endif</span>
        @else
            <span>{{ $stopping[0]->title }}: {{ $stopping[0]->shortfall }}.</span>
        @endif
    </p>
    @include('shots.parts.not-judged')
    <div class="history">
        <x-act :action="$page->shot->at('runs.store')" icon="play" class="is-strong" id="dry-run">Dry-run it</x-act>
        <x-act :action="$page->shot->at('shots.undo')" icon="undo-2" class="is-quiet" id="undo" :live="$page->revision->id"
            :disabled="$undoes === null" :title="$undoes ? 'Undo: ' . $undoes : 'Nothing to undo'">Undo</x-act>
        <x-act :action="$page->shot->at('shots.redo')" icon="redo-2" class="is-quiet" id="redo" :live="$page->revision->id"
            :disabled="$redoes === null" :title="$redoes ? 'Do again: ' . $redoes : 'Nothing to do again'">Redo</x-act>
    </div>
</x-part>
