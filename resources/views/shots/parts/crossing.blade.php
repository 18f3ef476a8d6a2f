@php
    use Evrent\Core\Messages\Quantity;
    $wrong = fn (string $field): string => implode(' ', (array) ($problems[$field] ?? []));
@endphp
<div id="crossing-shown">
    <form class="form-acts" method="get" action="{{ $page->shot->at('shots.crossing') }}" hx-get="{{ $page->shot->at('shots.crossing') }}"
        hx-target="#crossing-shown" hx-swap="outerHTML">
        <x-field id="crossing-pan" :label="__('shots.crossing.at_pan')" name="pan" unit="°" width="6ch" :value="$asked['pan']" :problem="$wrong('pan')" />
        <x-field id="crossing-metres" :label="__('shots.crossing.distance')" name="metres" unit="m" width="6ch" :value="$asked['metres']"
            :problem="$wrong('metres')" />
        <x-field id="crossing-line" :label="__('shots.crossing.crosses')" name="line" :value="$asked['line'] ?: 'middle'" :problem="$wrong('line')"
            :options="['left' => __('shots.crossing.left'), 'middle' => __('shots.crossing.middle'), 'right' => __('shots.crossing.right')]" />
        <x-field id="crossing-seconds" :label="__('shots.crossing.pass')" name="seconds" width="7ch" :placeholder="__('shots.crossing.planned')"
            :value="$asked['seconds']"
            :problem="$wrong('seconds')" />
        <button class="button">{{ __('shots.crossing.tell') }}</button>
        <small class="quiet">{{ __('shots.crossing.hint') }}</small></form>
    @if ($crossings === [])<p class="nothing" role="status">{{ __('shots.crossing.never') }}</p>@endif
    @if ($crossings)<ol class="plain-list" role="status">@foreach ($crossings as $one)<li>{{ __('shots.crossing.at') }} <b>{{ __('shots.crossing.photo',
        ['photo' => Quantity::rounded($one['photo'], 1)]) }}</b>{{ __('shots.crossing.lapse') }} <b>{{ Quantity::fixed($one['lapseSeconds'], 2) }} s</b>{{
            __('shots.crossing.pass_at') }} <b>{{ Quantity::fixed($one['passSeconds'], 2) }} s</b>.</li>
        @endforeach</ol>@endif
</div>
