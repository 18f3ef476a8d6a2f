@php
    use Evrent\Core\Run\Take\EventWords;
    use Evrent\Core\Messages\Quantity;
    $counts = $report->counts();
    $total = $report->state->schedule->photosTotal();
    $good = $report->goodPhotos();
    $isWhole = $good === $total;
@endphp
<x-layout is-of-takes :title="__('takes.show.title', ['title' => $plan->title])"
    :crumbs="[...$take->crumbs(), __('takes.show.crumb') => null]">
    <div class="page">
        <h1 class="sr-only">{{ __('takes.show.title', ['title' => $plan->title]) }}</h1>
        <section class="verdict" data-works="{{ $isWhole ? 'yes' : 'no' }}"><x-icon :name="$isWhole ? 'circle-check' : 'triangle-alert'" />
            <p class="says"><strong>{{ Words::capital($take->inWords())
                }}{{ $report->whyEnded() === null ? '.' : ': ' . Words::say($report->whyEnded()) }}</strong>
                <span>{{ __('takes.show.photos', ['good' => $good, 'total' => $total, 'part' => isset($counts['missing']) ? __('takes.show.missing',
                    ['missing' => $counts['missing']]) : '', 'part2' => isset($counts['spoilt']) ? __('takes.show.spoilt', ['bad' => $counts['spoilt']])
                        : '', 'part3' => isset($counts['late']) ? __('takes.show.late', ['late' => $counts['late']]) : '', 'part4' => isset($counts['moved'])
                            ? __('takes.show.moved', ['moved' => $counts['moved']]) : '', 'part5' => isset($counts['wrong_exposure'])
                                ? __('takes.show.wrong', ['wrong_exposure' => $counts['wrong_exposure']]) : '', 'part6' => isset($counts['doubled'])
                                    ? __('takes.show.doubled', ['doubled' => $counts['doubled']]) : '', 'part7' => isset($counts['uncertain'])
                                        ? __('takes.show.uncertain', ['uncertain' => $counts['uncertain']]) : '']) }}</span></p>
            @if ($shot->takes()->count() > 1)<a class="button is-quiet" href="{{ $shot->at('takes.index') }}">{{ __('takes.show.compare') }}</a>@endif</section>
        @include('takes.parts.strip')
        <div class="cards">
            <section class="panel figures" aria-labelledby="take-figures"><header class="panel-head"><h2 id="take-figures">{{ __('takes.show.result') }}</h2>
                <a class="button is-quiet" href="{{ $take->at('takes.log') }}"><x-icon name="download" /><span class="text">{{
                    __('takes.show.log') }}</span></a>
                <a class="button is-quiet" href="{{ $take->at('takes.csv') }}"><x-icon name="download" /><span class="text">{{
                    __('takes.show.csv') }}</span></a></header>
                <dl>
                    <div><dt>{{ __('takes.show.unbroken') }}</dt><dd>@if ($report->clean)<b>{{ __('takes.show.range', ['clean' => $report->clean[0],
                        'clean2' => $report->clean[1]]) }}</b>{{ __('takes.show.clip',
                            ['cleanClipSeconds' => Quantity::seconds($report->cleanClipSeconds)]) }} @else {{ __('common.none') }} @endif</dd></div>
                    @if ($plan->timing->mode->hasClock())<div><dt>{{ __('takes.show.latest') }}</dt><dd><b>{{
                        Quantity::seconds($report->mostLateSeconds) }}</b> {{ __('takes.show.late_word') }}</dd></div>@endif
                    <div><dt>{{ __('common.rig') }}</dt><dd>{{ $take->rig_address ?? __('common.none') }}</dd></div>
                    <div><dt>{{ __('common.camera') }}</dt><dd>{{
                        $take->camera_address === '' ? __('takes.show.trigger_only') : $take->camera_address }}</dd></div>
                    @if ($take->reason)<div><dt>{{ __('takes.show.because') }}</dt><dd>{{ $take->reason }}</dd></div>@endif
                    <div><dt>{{ __('takes.show.on_card') }}</dt><dd>@if ($card)<a href="{{ $shot->at('photos.index') }}"><b>{{
                        Quantity::limit($card->there()) }}</b></a> {{ __('takes.show.of', ['count' => $card->count(),
                            'part' => $card->reading->lastCopy()?->isGood() ? __('takes.show.backed_up') : __('takes.show.not_backed_up')]) }}@else <a
                                href="{{ $shot->at('photos.index') . "?take={$take->id}" }}">{{ __('takes.show.not_read') }}</a>@endif</dd></div>
                    <div><dt>{{ __('takes.show.ticked') }}</dt><dd>{{ count($take->preflight) }}</dd></div>
                </dl>
                @if ($report->lastPhoto() < $total - 1)<form method="post" action="{{ $take->at('takes.rest') }}" class="take-notes" id="the-rest">@csrf
                    <h3>{{ __('takes.show.rest') }}</h3>
                    @foreach ($take->rests as $rest)<p>{{ __('takes.show.rest_is') }} <a href="{{ $rest->at('shots.show') }}">{{
                        $rest->title() }}</a>.</p>@endforeach
                    <x-field id="rest-from" :label="__('takes.show.from_photo')" name="from" width="6ch" inputmode="numeric"
                        :value="old('from') ?? $report->lastPhoto() + 1"
                        :problem="$errors->first('rest.from')" />
                    <p class="quiet">{{ __('takes.show.rest_says') }}</p>
                    <button class="button"><x-icon name="copy" /><span class="text">{{ __('takes.show.make_rest') }}</span></button></form>@endif
                <form method="post" action="{{ $take->at('takes.update') }}" class="take-notes">@csrf @method('put')
                    <x-field id="take-rating" :label="__('takes.show.rating')" name="rating" :value="(string) $take->rating"
                        :options="array_map(__(...), App\Models\Take::RATINGS)" />
                    <x-field id="take-notes" :label="__('takes.show.notes')" name="notes" type="textarea" :value="$take->notes" />
                    <button class="button">{{ __('takes.show.save') }}</button></form>
                <form method="post" action="{{ $take->at('takes.learn') }}" class="take-notes">@csrf
                    <h3>{{ __('takes.show.learn') }}</h3>
                    <x-field id="learn-name" :label="__('takes.show.recipe')" name="name" is-text width="24ch" list="recipe-names"
                        :problem="$errors->first('learn.name')" /><datalist id="recipe-names">@foreach ($recipes as $name)<option>{{ $name
                        }}</option>@endforeach</datalist>
                    <x-field id="learn-why" :label="__('takes.show.lesson')" name="why" is-text width="36ch" :problem="$errors->first('learn.why')" />
                    <p class="quiet">{{ __('takes.show.learn_says') }}</p>
                    <button class="button"><x-icon name="bookmark" /><span class="text">{{ __('takes.show.keep') }}</span></button></form>
            </section>
            @include('takes.parts.findings')
            <section class="panel" aria-labelledby="take-events"><header class="panel-head"><h2 id="take-events">{{ __('takes.show.events') }}</h2></header>
                <ol class="plain-list">@foreach ($report->events as $event)<li><span class="quiet">{{ Quantity::duration($event->seconds) }}</span>
                    {{ EventWords::of($event) }}</li>@endforeach</ol></section>
        </div>
        <section class="panel" aria-labelledby="take-trace"><header class="panel-head"><h2 id="take-trace">{{ __('takes.show.trace') }}</h2></header>
            <div class="curves">@foreach ($plan->rig->axes as $axis)
                @php
                    $planned = $report->state->schedule->moves->positions[$axis->id];
                    $stood = $report->trace[$axis->id] ?? [];
                    $all = [...$planned, ...array_column($stood, 'position')];
                    [$low, $high] = [min($all), max($all)];
                @endphp
                <figure><figcaption><b>{{ $axis->label() }}</b> <span class="quiet">{{ __('takes.show.axis_range',
                    ['axisText' => $settings->units->axisText($axis->kind, $low),
                        'axisText2' => $settings->units->axisText($axis->kind, $high)]) }}</span></figcaption>
                    <svg class="plot" viewBox="0 {{ -$high }} {{ count($planned) }} {{ max($high - $low, 1e-6) }}" preserveAspectRatio="none" role="img"
                        aria-label="{{ __('takes.show.axis_chart', ['axis' => $axis->label()]) }}"><g transform="scale(1 -1)">
                        <path class="line" data-side="left" d="M{{ collect($planned)->map(fn ($position, $n) => "{$n} " . round($position, 3))->join('L') }}" />
                        @if ($stood !== [])<path class="line trace-line"
                            d="M{{ collect($stood)->map(fn ($point) => ($point['place'] - 1) . ' ' . round($point['position'], 3))->join('L') }}"
                            />@endif</g></svg></figure>
            @endforeach</div></section>
        <form class="panel take-marks" method="post" action="{{ $take->at('takes.order') }}">@csrf<input type="hidden" name="order" value="mark">
            <h2>{{ __('takes.show.flag') }}</h2>
            <x-field id="mark-from" :label="__('common.from')" name="photo" width="6ch" inputmode="numeric" :problem="$errors->first('order.photo')" />
            <x-field id="mark-to" :label="__('common.to_field')" name="to" width="6ch" inputmode="numeric" :problem="$errors->first('order.to')" />
            <x-field id="mark-as" :label="__('takes.show.as')" name="as" :options="['spoilt' => __('takes.show.bad'), 'good' => __('takes.show.good')]" />
            <x-field id="mark-why" :label="__('takes.show.why')" name="why" width="24ch" is-text />
            <button class="button">{{ __('takes.show.flag') }}</button></form>
        @include('clip.parts.files', ['page' => new App\Pages\ClipPage($shot, $take)])
        <section class="panel schedule" id="photos" aria-labelledby="photos-title">
            <header class="panel-head"><h2 id="photos-title">{{ __('common.photos') }}</h2>
                <x-pager :rows="$rows" :url="$take->at('takes.show')" target="photos" :label="__('takes.show.pages')" /></header>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('takes.show.table') }}"><table class="table numbers">
                <thead><tr><th scope="col">{{ __('common.photo') }}</th><th scope="col">{{ __('takes.show.planned_at') }}</th><th scope="col">{{
                    __('takes.show.triggered_at') }}</th><th scope="col">{{ __('common.late') }}</th>
                    <th scope="col">{{ __('takes.show.state') }}</th><th scope="col">{{ __('takes.show.file') }}</th>@if ($card)<th scope="col">{{
                        __('takes.show.on_card') }}</th>@endif<th
                    scope="col">{{ __('takes.show.why') }}</th></tr></thead>
                <tbody>@foreach ($rows->items() as $number)@php $photo = $report->photos[$number] ?? null; @endphp
                    <tr @class(['is-short' => !in_array($photo['state']->value ?? '', ['good', 'triggered'], true)])><th scope="row">{{ $number }}</th>
                        <td>{{ isset($photo['planned']) ? Words::say(Quantity::fixed($photo['planned'], 2)) . ' s' : '–' }}</td>
                        <td>{{ isset($photo['actual']) ? Words::say(Quantity::fixed($photo['actual'], 2)) . ' s' : '–' }}</td>
                        <td>{{ isset($photo['late']) ? Words::say(Quantity::fixed($photo['late'], 2)) . ' s' : '–' }}</td>
                        <td>{{ isset($photo['state']) ? $photo['state']->label() : __('takes.show.not_reached') }}</td>
                        <td>{{ basename($photo['object'] ?? '–') }}</td>
                        @if ($card)<td>@if ($card->file($number) === null){{ __('takes.show.missing_word') }} @else<a href="{{ $card->reading->at('photo',
                            number: $number) }}">{{
                            basename($card->file($number)) }}</a> {{ $card->marked($number) }}@endif</td>@endif
                        <td>{{ $photo['why'] ?? '' }}</td></tr>@endforeach</tbody></table></div>
        </section>
    </div>
</x-layout>
