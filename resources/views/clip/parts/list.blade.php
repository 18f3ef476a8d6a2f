{{-- The list of the clip: what comes of it, its strip, and its fields. Comes back anew after each change. --}}
@php
    use Evrent\Core\Clip\Codec;
    use Evrent\Core\Clip\FrameRate;
    use Evrent\Core\Clip\Holes;
    use Evrent\Core\Clip\Size;
    use Evrent\Core\Format\ClipText;
    use Evrent\Core\Messages\Quantity;
    $shot = $page->shot;
    $frames = $page->framesOrNull();
    $fields = ClipText::fields($page->clip);
    $dotted = fn (string $field) => preg_replace('/\.([a-z0-9]+)/', '[$1]', $field);
    $isBack = ($isRefused ?? false) || (old('bag') === 'clip' && old('size') !== null);
    $typed = fn (string $field) => $isBack ? (string) old($field, $fields[$field]) : $fields[$field];
    $wrong = fn (string $field) => ($problems ?? [])["clip.{$field}"] ?? $errors->first("clip.{$field}");
    $shapes = array_combine(array_keys(ClipText::SHAPES), array_keys(ClipText::SHAPES)) + [$fields['shape'] => $fields['shape']];
    $outside = collect($page->cropProblems())->mapWithKeys(fn ($one) => [substr($one->pointer, 1) => Words::say($one->message)]);
    $bright = $page->brightness();
    $new = 'speeds.' . count($page->clip->speeds);
@endphp
<section class="panel" id="clip-list" aria-labelledby="clip-title"><header class="panel-head"><h2 id="clip-title">{{ __('clip.list.title') }}</h2><span
    class="tools">
    @foreach (['undo' => $page->canUndo(), 'redo' => $page->canRedo()] as $step => $can)<form method="post" action="{{ $shot->at("clip.{$step}") }}"
        data-part="clip-list" data-send-on-change>@csrf<button class="button is-quiet" @disabled(!$can)><x-icon :name="$step . '-2'" /><span
        class="text">{{ __("common.{$step}") }}</span></button></form>@endforeach</span></header>
    <div role="status"><dl class="figures-row">@if ($frames)<div><dt>{{ __('clip.list.length') }}</dt><dd><b>{{ Quantity::rounded($frames->seconds(),
        2) }}</b> s</dd></div>
        <div><dt>{{ __('clip.list.frames') }}</dt><dd><b>{{ Quantity::limit(count($frames->frames)) }}</b></dd></div>
        <div><dt>{{ __('clip.list.of_photos') }}</dt><dd><b>{{ Quantity::limit($page->photos()) }}</b>@if ($page->unfit() !== []){{ __('clip.list.unfit',
            ['unfit' => count($page->unfit())]) }} @endif</dd></div>
        @if ($frames->holes() > 0)<div><dt>{{ $page->clip->holes === Holes::Blended ? __('clip.list.blended') : __('clip.list.held') }}</dt><dd><b>{{
            Quantity::limit($frames->holes()) }}</b> {{ __('common.frames_unit') }}</dd></div>@endif
        @if ($page->carries() !== '')<div class="is-wide"><dt>{{ __('clip.list.pixels') }}</dt><dd>{{ $page->carries() }}</dd></div>@endif
        @else<div class="is-wide"><dt>{{ __('clip.list.empty') }}</dt><dd>{{ __('clip.list.no_photo') }}</dd></div>@endif</dl></div>
    @if ($frames)@include('clip.parts.strip')@endif
    <form class="clip-fields" method="post" action="{{ $shot->at('clip.update') }}" data-part="clip-list" data-send-on-change id="clip-fields"
        autocomplete="off">@csrf
        @method('put')
        @foreach ($fields as $field => $text)<input type="hidden" name="was[{{ str_replace('.', '][', $field) }}]" value="{{ $text }}">@endforeach
        <fieldset><legend>{{ __('clip.list.range') }}</legend><div class="grid-fields">
            <x-field id="clip-in" :label="__('clip.list.in')" name="in" :value="$typed('in')" width="7ch" inputmode="numeric" placeholder="1"
                :problem="$wrong('in')" />
            <x-field id="clip-out" :label="__('clip.list.out')" name="out" :value="$typed('out')" width="7ch" inputmode="numeric"
                :placeholder="(string) $page->photos()" :problem="$wrong('out')" />
            <x-field id="clip-holes" :label="__('clip.list.gaps')" name="holes" :value="$typed('holes')" :options="$page::choices(Holes::class)"
                :problem="$wrong('holes')" />
            <x-field id="clip-reversed" :label="__('clip.list.order')" name="reversed" :value="$typed('reversed')"
                :options="['no' => __('clip.list.forwards'), 'yes' => __('clip.list.reverse')]" />
            <x-field id="clip-deflicker" :label="__('clip.list.brightness')" name="deflicker" :value="$typed('deflicker')"
                :options="['no' => __('clip.list.as_shot'), 'yes' => __('clip.list.deflickered')]" /></div></fieldset>
        @if ($page->clip->speeds !== [])<fieldset><legend>{{ __('clip.list.speed') }}</legend>@foreach ($page->clip->speeds as $n => $speed)<div
            class="grid-fields span-row">
            <x-field :id="'span-from-' . $n" :label="__('clip.list.from_photo')" :name="'speeds[' . $n . '][from]'" :value="$typed('speeds.' . $n . '.from')"
                width="7ch"
                inputmode="numeric" :problem="$wrong('speeds.' . $n . '.from')" />
            <x-field :id="'span-to-' . $n" :label="__('common.to_field')" :name="'speeds[' . $n . '][to]'" :value="$typed('speeds.' . $n . '.to')" width="7ch"
                inputmode="numeric"
                :problem="$wrong('speeds.' . $n . '.to')" />
            <x-field :id="'span-factor-' . $n" :label="__('clip.list.rate')" :name="'speeds[' . $n . '][factor]'" :value="$typed('speeds.' . $n . '.factor')"
                width="6ch" inputmode="decimal" :problem="$wrong('speeds.' . $n . '.factor')" />
            <x-field :id="'span-ramp-' . $n" :label="__('clip.list.over')" :name="'speeds[' . $n . '][ramp]'" :value="$typed('speeds.' . $n . '.ramp')"
                width="6ch"
                :unit="__('common.photos_unit')" inputmode="numeric" :problem="$wrong('speeds.' . $n . '.ramp')" />
            <button class="button is-quiet" form="remove-span-{{ $n }}"><x-icon name="trash-2" /><span class="text">{{
                __('common.remove') }}</span></button></div>@endforeach
        </fieldset>@endif
        <fieldset><legend>{{ __('clip.list.crop') }}</legend><div class="grid-fields">
            <x-field id="clip-shape" :label="__('clip.list.shape')" name="shape" :value="$typed('shape')" :options="$shapes" :problem="$wrong('shape')" />
            <x-field id="clip-crop_x" :label="__('clip.list.middle_x')" name="crop_x" :value="$typed('crop_x')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('crop_x')" />
            <x-field id="clip-crop_y" :label="__('clip.list.middle_y')" name="crop_y" :value="$typed('crop_y')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('crop_y')" />
            <x-field id="clip-crop_width" :label="__('clip.list.width')" name="crop_width" :value="$typed('crop_width')" unit="%" width="7ch"
                inputmode="decimal"
                :problem="$wrong('crop_width') ?: $outside->get('crop_width')" />
            <x-field id="clip-moves" :label="__('clip.list.moving')" name="moves" :value="$typed('moves')"
                :options="['no' => __('clip.list.still'), 'yes' => __('clip.list.moves')]" />
            </div><div class="grid-fields" @if ($fields['moves'] === 'no') hidden @endif>
            <x-field id="clip-end_x" :label="__('clip.list.end_x')" name="end_x" :value="$typed('end_x')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('end_x')" />
            <x-field id="clip-end_y" :label="__('clip.list.end_y')" name="end_y" :value="$typed('end_y')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('end_y')" />
            <x-field id="clip-end_width" :label="__('clip.list.end_width')" name="end_width" :value="$typed('end_width')" unit="%" width="7ch"
                inputmode="decimal"
                :problem="$wrong('end_width') ?: $outside->get('end_width')" /></div></fieldset>
        <fieldset><legend>{{ __('clip.list.output') }}</legend><div class="grid-fields">
            <x-field id="clip-size" :label="__('clip.list.height')" name="size" :value="$typed('size')" :options="$page::choices(Size::class)"
                :problem="$wrong('size')" />
            <x-field id="clip-rate" :label="__('clip.list.fps')" name="rate" :value="$typed('rate')" :options="$page::choices(FrameRate::class)"
                :problem="$wrong('rate')" />
            <x-field id="clip-codec" :label="__('clip.list.codec')" name="codec" :value="$typed('codec')" :options="$page::choices(Codec::class)"
                :problem="$wrong('codec')" />
            <button class="button without-script">{{ __('clip.list.apply') }}</button></div></fieldset>
        @include('clip.parts.crop')</form>
    @foreach ($page->clip->speeds as $n => $speed)<form method="post" id="remove-span-{{ $n }}" data-part="clip-list" data-send-on-change hidden
        action="{{ route('clip.spans.destroy', [...$shot->address(), 'from' => $speed->from]) }}">@csrf @method('delete')</form>@endforeach
    <details class="more" id="new-span" @if (collect(['from', 'to', 'factor', 'ramp'])->contains(fn ($part) => $wrong("{$new}.{$part}") !== '')) open @endif>
        <summary>{{ __('clip.list.add_speed') }}</summary>
        <form class="grid-fields" method="post" action="{{ $shot->at('clip.spans.store') }}">@csrf
            <x-field id="new-from" :label="__('clip.list.from_photo')" name="span_from" width="7ch" inputmode="numeric" :problem="$wrong($new . '.from')" />
            <x-field id="new-to" :label="__('common.to_field')" name="span_to" width="7ch" inputmode="numeric" :problem="$wrong($new . '.to')" />
            <x-field id="new-factor" :label="__('clip.list.rate')" name="span_factor" width="6ch" inputmode="decimal" placeholder="2"
                :problem="$wrong($new . '.factor')" />
            <x-field id="new-ramp" :label="__('clip.list.over')" name="span_ramp" width="6ch" :unit="__('common.photos_unit')" inputmode="numeric"
                placeholder="0"
                :problem="$wrong($new . '.ramp')" />
            <button class="button">{{ __('common.add') }}</button><small class="quiet">{{ __('clip.list.rate_hint') }}</small></form></details>
    @if ($bright)<figure class="clip-bright"><svg class="bright-line" viewBox="0 0 {{ $bright::WIDTH }} {{ $bright::HEIGHT }}" preserveAspectRatio="none"
        role="img" aria-label="{{ __('clip.list.curve', ['from' => Quantity::signed($bright->from, 1), 'to' => Quantity::signed($bright->to, 1)]) }}"><path
        class="measured" d="{{ $bright->before }}" /><path class="predicted" d="{{ $bright->after }}" /></svg>
        <figcaption class="quiet">{{ __('clip.list.curve_note', ['part' => $bright->after === '' ? '' : __('clip.list.curve_key')]) }}
            @if ($bright->flickers !== null){{ __('clip.list.flicker', ['flickers' => Quantity::rounded($bright->flickers, 3), 'part' => $bright->after === ''
            ? __('clip.list.no_flicker') : __('clip.list.becomes', ['becomes' => Quantity::rounded($bright->becomes, 3)])]) }}@endif</figcaption></figure>@endif
</section>
