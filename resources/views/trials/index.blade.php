@php use Evrent\Core\Messages\Quantity; use Evrent\Core\Presets\Trial as Matrix; @endphp
<x-layout :words="['trials']" :title="__('trials.index.title')"
    :crumbs="[__('common.shoots') => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), __('trials.index.title') => null]">
    <div class="page trials">
        <header class="page-head"><h1>{{ __('trials.index.title') }}</h1>
        <p class="quiet">{{ __('trials.index.says') }}</p></header>
        @foreach ($trials as $page)
            @php $trial = $page->trial; $matrix = $page->matrix; $layout = $matrix->layout(); $best = $matrix->best(); @endphp
            <details class="panel trial fold" id="trial-{{ $trial->id }}" @if ($loop->last || $page->grid !== null
                || $errors->hasAny(["verdict.{$trial->id}", "verdict.{$trial->id}.*", "grid.{$trial->id}.*"])) open @endif>
                <summary><b>{{ $trial->subject }}</b> <span class="quiet">{{ __('trials.index.grid', ['part' => $best === null ? __('trials.index.no_verdict')
                : __('trials.index.best', ['interval' => Quantity::seconds($matrix->interval($best)),
                    'shutter' => Quantity::shutter($matrix->shutter($best))]), 'photos' => Quantity::photos($matrix->photos),
                        'seconds' => Quantity::duration($matrix->seconds()), 'change_seconds' => Quantity::number(Matrix::CHANGE_SECONDS)]) }}</span></summary>
                @include('trials.parts.grid-now')
                @include('trials.parts.shoot-it')
                @if ($page->grid)<form method="post" id="into-plan-{{ $trial->id }}" action="{{ $page->grid->at('take') }}">@csrf</form>@endif
                <form class="scrolls" method="post" action="{{ route('trials.update', [$shoot, $trial]) }}" data-send-on-change autocomplete="off"
                    data-part="trial-{{ $trial->id }}-acts">@csrf @method('put')<table class="table matrix">
                    @if ($page->grid)<caption><button type="button" class="button is-quiet" data-play-clips><x-icon name="play" /><span
                        class="text">{{ __('trials.index.play') }}</span></button></caption>@endif
                    <thead><tr><th scope="col">{{ __('trials.index.interval') }}</th>@foreach ($matrix->shutters as $shutter)<th
                        scope="col">{{ __('trials.index.shutter', ['shutter' => Quantity::shutter($shutter)]) }}</th>@endforeach</tr></thead>
                    <tbody>@foreach ($matrix->intervals as $i => $interval)<tr><th scope="row">{{ Quantity::seconds($interval) }}</th>
                        @foreach ($matrix->shutters as $s => $shutter)
                            @php
                                $cell = "{$i}:{$s}"; $key = "{$trial->id}-{$i}-{$s}";
                                $kept = $errors->hasAny(["verdict.{$trial->id}", "verdict.{$trial->id}.*"]) ? old("cells.{$cell}") : null;
                                $verdict = (is_array($kept) ? $kept : $matrix->verdicts[$cell] ?? []) + ['rating' => null, 'note' => ''];
                            @endphp
                            <td>@include('trials.parts.clip')@if ($matrix->fits($cell))<span
                                class="quiet">{{ __('trials.index.cell', ['layout' => Quantity::stopwatch($layout[$cell]),
                                    'openShare' => Quantity::roundedPercent($matrix->openShare($cell))]) }}</span>
                                @foreach ($matrix->verdictOf($cell) as $part => $text)<input type="hidden" name="was[cells][{{ $cell }}][{{ $part }}]"
                                    value="{{ $text }}">@endforeach
                                <x-field :id="'r-' . $key" :name="'cells[' . $cell . '][rating]'" :value="(string) $verdict['rating']"
                                    :options="['' => __('trials.index.unrated')] + array_map(__(...), Matrix::RATINGS)"
                                    :shown-label="false"
                                    :label="__('trials.index.rate', ['interval' => Quantity::seconds($interval), 'shutter' => Quantity::shutter($shutter)])" />
                                <x-field :id="'n-' . $key" :name="'cells[' . $cell . '][note]'" :value="$verdict['note']"
                                    :placeholder="__('trials.index.why')" width="22ch" is-text
                                    :maxlength="Matrix::MOST_NOTE_CHARACTERS" :shown-label="false"
                                    :label="__('trials.index.why_label', ['interval' => Quantity::seconds($interval),
                                        'shutter' => Quantity::shutter($shutter)])" />
                            @elseif (!isset($page->cells[$cell]))<span class="quiet">{{ __('trials.index.no_fit') }}</span>@endif</td>
                        @endforeach</tr>@endforeach</tbody>
                </table><button class="button without-script">{{ __('trials.index.save') }}</button></form>
                <div class="form-acts" id="trial-{{ $trial->id }}-acts">
                    <p class="problem" role="status">{{ $errors->first("verdict.{$trial->id}") ?: $errors->first("verdict.{$trial->id}.*") }}</p>
                    @if ($best !== null)
                        @php $settings = __('trials.index.name', ['interval' => Quantity::seconds($matrix->interval($best)),
                            'shutter' => Quantity::shutter($matrix->shutter($best))]); @endphp
                        <x-act :action="route('trials.recipe', [$shoot, $trial])" icon="bookmark"
                        class="is-strong">{{ __('trials.index.make', ['settings' => $settings]) }}</x-act>
                    @endif
                    <x-act :action="route('trials.destroy', [$shoot, $trial])" method="delete" icon="trash-2" class="is-quiet">{{
                        __('trials.index.delete') }}</x-act>
                </div>
            </details>
        @endforeach
        <form class="panel new-trial" method="post" action="{{ route('trials.store', $shoot) }}">
            @csrf
            <h2>{{ __('trials.index.new') }}</h2>
            <div class="grid-fields">
            @foreach (['subject' => [__('trials.index.subject'), '24ch', __('trials.index.example')],
                'intervals' => [__('trials.index.intervals'), '14ch', '1 2 4'],
                'shutters' => [__('trials.index.shutters'), '14ch', '1/60 0.5 1'],
                    'photos' => [__('trials.index.each'), '4ch', '48']] as $field => [$label, $width, $example])
                <x-field :id="'f-trial-' . $field" :label="$label" :name="$field" :width="$width" is-text :placeholder="$example"
                    :problem="$errors->first('trial.' . $field)" />
            @endforeach
            </div>
            <div class="form-acts"><button class="button is-strong"><x-icon name="plus" /><span class="text">{{
                __('trials.index.create') }}</span></button></div>
        </form>
    </div>
</x-layout>
