@php
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Format\PlanChanges;
    use Evrent\Core\Drawings\Staircase;
    $sides = ['left' => $left, 'right' => $right];
    $run = max($left->schedule->summary->runSeconds, $right->schedule->summary->runSeconds);
    $curves = ['left' => Staircase::of($left->schedule, 400), 'right' => Staircase::of($right->schedule, 400)];
@endphp
<x-layout :title="__('shots.history.title', ['title' => $right->plan->title])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $right->plan->title => $shot->at('shots.show'), __('shots.history.crumb') => null]">
    <div class="page">
        <h1 class="sr-only">{{ __('shots.history.crumb') }}</h1>
        <section class="panel compare" aria-labelledby="compare-title">
            <header class="panel-head"><h2 id="compare-title">{{ __('shots.history.compare') }}</h2><span
                class="quiet">{{ $left->revision->id === $right->revision->id ? '' : PlanChanges::told($left->plan,
                $right->plan, $settings->units) }}</span></header>
            @if ($left->revision->id === $right->revision->id)
            <p class="nothing">{{ __('shots.history.none') }}</p>
            @else
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('shots.history.figures') }}">
            <table class="table compared">
                <thead><tr><th scope="col"><span class="sr-only">{{ __('shots.history.figure') }}</span></th>
                    @foreach ($sides as $name => $side)
                        <th scope="col"><i class="side-line" data-side="{{ $name }}"></i>{{ $settings->moment($side->revision->created_at) }}<small>{{
                            $side->revision->told() }}</small></th>
                    @endforeach
                </tr></thead>
                <tbody>
                    <tr><th scope="row">{{ __('shots.history.verdict') }}</th>@foreach ($sides as $side)<td @class([
                        'short' => !$side->report->verdict->works()])><x-icon
                        :name="$side->report->verdict->works() ? 'circle-check' : 'octagon-x'"
                        /> {{ $side->report->verdict->inShort() }}</td>@endforeach</tr>
                    @foreach ($left->figures() as $name => $a)
                        @php $b = $right->figures()[$name]; @endphp
                        <tr @class(['differs' => $a !== $b])><th scope="row">{{ __("app.compared.label_{$name}") }}</th><td>{{ $a }}</td><td>{{ $b }}</td></tr>
                    @endforeach
                    <tr><th scope="row">{{ __('shots.history.findings') }}</th>@foreach ($sides as $side)<td
                        class="found">@forelse ($side->report->findings as $finding)<p
                        data-severity="{{ $finding->severity->value }}"><b>{{ $finding->id->value }}</b> {{ $finding->title }}:
                        {{ $settings->clock($finding->shortfall) }}</p>@empty {{ __('common.none') }} @endforelse</td>@endforeach</tr>
                </tbody>
            </table>
            </div>
            <div class="curves">
                @foreach ($curves['right'] as $a => $stairs)
                    @php
                        $other = collect($curves['left'])->first(fn ($candidate) => $candidate->axis->id === $stairs->axis->id);
                        $high = max($stairs->highest, $other?->highest ?? $stairs->highest);
                        $low = min($stairs->highest - $stairs->span, $other === null ? $stairs->highest - $stairs->span : $other->highest - $other->span);
                    @endphp
                    <figure><figcaption><b>{{ $stairs->axis->id }}</b> <span
                        class="quiet">{{ __('shots.history.axis_range', ['axisText' => $settings->units->axisText($stairs->axis->kind, $low),
                            'axisText2' => $settings->units->axisText($stairs->axis->kind, $high), 'run' => Quantity::duration($run)]) }}</span></figcaption>
                        <svg class="plot" viewBox="0 {{ -$high }} {{ $run }} {{ $high - $low }}" preserveAspectRatio="none" role="img"
                            aria-label="{{ __('shots.history.axis_chart', ['axis' => $stairs->axis->id]) }}"><g transform="scale(1 -1)">
                            @if ($other !== null)<path class="line" data-side="left"
                                d="M{{ collect($other->points)->map(fn ($point) => round($point[0], 2) . ' ' . round($point[1], 3))->join('L') }}" />@endif
                            <path class="line" data-side="right"
                                d="M{{ collect($stairs->points)->map(fn ($point) => round($point[0], 2) . ' ' . round($point[1], 3))->join('L') }}"
                                /></g></svg></figure>
                @endforeach
            </div>
            @endif
        </section>
        <section class="panel revisions" aria-labelledby="revisions-title">
            <form method="get" action="{{ $shot->at('shots.history') }}">
                <header class="panel-head"><h2 id="revisions-title">{{ __('shots.history.changes') }}</h2><button class="button">{{
                    __('shots.history.show') }}</button></header>
                <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('shots.history.changes') }}">
                <table class="table"><thead><tr><th scope="col">{{ __('shots.history.before') }}</th><th scope="col">{{ __('shots.history.after') }}</th><th
                    scope="col">{{ __('shots.history.when') }}</th>
                <th scope="col">{{ __('shots.history.what') }}</th><th scope="col"><span class="sr-only">{{ __('shots.history.back') }}</span></th></tr></thead>
                    <tbody>@foreach ($revisions as $revision)
                        <tr @class(['is-current' => $revision->id === $shot->current_revision_id])>
                            <td><label class="pick"><input type="radio" name="left" value="{{ $revision->id }}"
                                @checked($revision->id === $left->revision->id)><span class="sr-only">{{ __('shots.history.before_of',
                                    ['told' => $revision->told()]) }}</span></label></td>
                            <td><label class="pick"><input type="radio" name="right" value="{{ $revision->id }}"
                                @checked($revision->id === $right->revision->id)><span class="sr-only">{{ __('shots.history.after_of',
                                    ['told' => $revision->told()]) }}</span></label></td>
                            <td>{{ $settings->moment($revision->created_at, true) }}</td><td>{{ $revision->told() }}</td>
                            <td>@if ($revision->id === $shot->current_revision_id)<b>{{ __('shots.history.now') }}</b>@else<button class="button is-quiet"
                                form="restore-{{ $revision->id }}">{{ __('shots.history.go_back') }}</button>@endif</td>
                        </tr>
                    @endforeach</tbody></table>
                </div>
            </form>
            @foreach ($revisions as $revision)@if ($revision->id !== $shot->current_revision_id)<form id="restore-{{ $revision->id }}" method="post"
                action="{{ route('shots.revisions.restore', [...$shot->address(), $revision]) }}">@csrf<input type="hidden" name="revision"
                value="{{ $shot->current_revision_id }}"></form>@endif @endforeach
        </section>
    </div>
</x-layout>
