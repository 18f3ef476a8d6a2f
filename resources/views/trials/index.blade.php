@php use Evrent\Core\Words\PlainText; use Evrent\Core\Presets\Trial as Matrix; @endphp
<x-layout title="Test shoots" :crumbs="['Shoots' => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), 'Test shoots' => null]">
    <div class="page trials">
        <header class="page-head"><h1>Test shoots</h1>
        <p class="quiet">A few photos of every interval with every shutter time, and what you think of each: the best becomes a recipe.</p></header>
        @foreach ($trials as $page)
            @php $trial = $page->trial; $matrix = $page->matrix; $layout = $matrix->layout(); $best = $matrix->best(); @endphp
            <details class="panel trial fold" id="trial-{{ $trial->id }}" @if ($loop->last || $page->grid !== null
                || $errors->hasAny(["verdict.{$trial->id}", "verdict.{$trial->id}.*", "grid.{$trial->id}.*"])) open @endif>
                <summary><b>{{ $trial->subject }}</b> <span class="quiet">{{ $best === null ? 'no verdict yet'
                : 'best so far: ' . PlainText::seconds($matrix->interval($best)) . ' and ' . PlainText::shutter($matrix->shutter($best)) . ' s' }};
                    {{ PlainText::photos($matrix->photos) }} each, {{ PlainText::duration($matrix->seconds()) }} in all,
                        {{ PlainText::number(Matrix::CHANGE_SECONDS) }} s to change settings between</span></summary>
                @include('trials.parts.grid-now')
                @include('trials.parts.shoot-it')
                @if ($page->grid)<form method="post" id="into-plan-{{ $trial->id }}" action="{{ $page->grid->at('take') }}">@csrf</form>@endif
                <form class="scrolls" method="post" action="{{ route('trials.update', [$shoot, $trial]) }}" data-send-on-change autocomplete="off"
                    data-part="trial-{{ $trial->id }}-acts">@csrf @method('put')<table class="table matrix">
                    @if ($page->grid)<caption><button type="button" class="button is-quiet" data-play-clips><x-icon name="play" /><span
                        class="text">Play side by side</span></button></caption>@endif
                    <thead><tr><th scope="col">One every</th>@foreach ($matrix->shutters as $shutter)<th
                        scope="col">open {{ PlainText::shutter($shutter) }} s</th>@endforeach</tr></thead>
                    <tbody>@foreach ($matrix->intervals as $i => $interval)<tr><th scope="row">{{ PlainText::seconds($interval) }}</th>
                        @foreach ($matrix->shutters as $s => $shutter)
                            @php
                                $cell = "{$i}:{$s}"; $key = "{$trial->id}-{$i}-{$s}";
                                $kept = $errors->hasAny(["verdict.{$trial->id}", "verdict.{$trial->id}.*"]) ? old("cells.{$cell}") : null;
                                $verdict = (is_array($kept) ? $kept : $matrix->verdicts[$cell] ?? []) + ['rating' => null, 'note' => ''];
                            @endphp
                            <td>@include('trials.parts.clip')@if ($matrix->fits($cell))<span
                                class="quiet">from {{ PlainText::stopwatch($layout[$cell]) }}, blur
                                {{ PlainText::roundedPercent($matrix->openShare($cell)) }} %</span>
                                @foreach ($matrix->verdictOf($cell) as $part => $text)<input type="hidden" name="was[cells][{{ $cell }}][{{ $part }}]"
                                    value="{{ $text }}">@endforeach
                                <x-field :id="'r-' . $key" :name="'cells[' . $cell . '][rating]'" :value="(string) $verdict['rating']"
                                    :options="['' => 'no verdict'] + Matrix::RATINGS"
                                    :shown-label="false"
                                    :label="'Verdict on ' . PlainText::seconds($interval) . ' and ' . PlainText::shutter($shutter) . ' s'" />
                                <x-field :id="'n-' . $key" :name="'cells[' . $cell . '][note]'" :value="$verdict['note']" placeholder="why" width="22ch" is-text
                                    :maxlength="Matrix::MOST_NOTE_CHARACTERS" :shown-label="false"
                                    :label="'Why ' . PlainText::seconds($interval) . ' and ' . PlainText::shutter($shutter) . ' s'" />
                            @elseif (!isset($page->cells[$cell]))<span class="quiet">does not fit the interval</span>@endif</td>
                        @endforeach</tr>@endforeach</tbody>
                </table><button class="button without-script">Save verdicts</button></form>
                <div class="form-acts" id="trial-{{ $trial->id }}-acts">
                    <p class="problem" role="status">{{ $errors->first("verdict.{$trial->id}") ?: $errors->first("verdict.{$trial->id}.*") }}</p>
                    @if ($best !== null)
                        @php $settings = PlainText::seconds($matrix->interval($best)) . ' and ' . PlainText::shutter($matrix->shutter($best)) . ' s'; @endphp
                        <x-act :action="route('trials.recipe', [$shoot, $trial])" icon="bookmark"
                        class="is-strong">Make {{ $settings }} the recipe</x-act>
                    @endif
                    <x-act :action="route('trials.destroy', [$shoot, $trial])" method="delete" icon="trash-2" class="is-quiet">Delete test</x-act>
                </div>
            </details>
        @endforeach
        <form class="panel new-trial" method="post" action="{{ route('trials.store', $shoot) }}">
            @csrf
            <h2>Lay out a test</h2>
            <div class="grid-fields">
            @foreach (['subject' => ['What moves', '24ch', 'reeds in the wind'], 'intervals' => ['Intervals in s', '14ch', '1 2 4'],
                'shutters' => ['Shutter times in s', '14ch', '1/60 0.5 1'], 'photos' => ['Photos each', '4ch', '48']] as $field => [$label, $width, $example])
                <x-field :id="'f-trial-' . $field" :label="$label" :name="$field" :width="$width" is-text :placeholder="$example"
                    :problem="$errors->first('trial.' . $field)" />
            @endforeach
            </div>
            <div class="form-acts"><button class="button is-strong"><x-icon name="plus" /><span class="text">Lay out test</span></button></div>
        </form>
    </div>
</x-layout>
