{{-- The list of the clip: what comes of it, its strip, and its fields. Comes back anew after each change. --}}
@php
    use Evrent\Core\Clip\Codec;
    use Evrent\Core\Clip\FrameRate;
    use Evrent\Core\Clip\Holes;
    use Evrent\Core\Clip\Size;
    use Evrent\Core\Format\ClipText;
    use Evrent\Core\Words\PlainText;
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
<section class="panel" id="clip-list" aria-labelledby="clip-title"><header class="panel-head"><h2 id="clip-title">The list</h2><span class="tools">
    @foreach (['undo' => $page->canUndo(), 'redo' => $page->canRedo()] as $step => $can)<form method="post" action="{{ $shot->at("clip.{$step}") }}"
        data-part="clip-list" data-send-on-change>@csrf<button class="button is-quiet" @disabled(!$can)><x-icon :name="$step . '-2'" /><span
        class="text">{{ ucfirst($step) }}</span></button></form>@endforeach</span></header>
    <div role="status"><dl class="figures-row">@if ($frames)<div><dt>Length</dt><dd><b>{{ PlainText::rounded($frames->seconds(), 2) }}</b> s</dd></div>
        <div><dt>Frames</dt><dd><b>{{ number_format(count($frames->frames)) }}</b></dd></div>
        <div><dt>Of photos</dt><dd><b>{{ number_format($page->photos()) }}</b>@if ($page->unfit() !== []), {{ number_format(count($page->unfit()))
            }} missing or spoilt @endif</dd></div>
        @if ($frames->holes() > 0)<div><dt>{{ $page->clip->holes === Holes::Blended ? 'Blended' : 'Held' }}</dt><dd><b>{{
            number_format($frames->holes()) }}</b> frames</dd></div>@endif
        @if ($page->carries() !== '')<div class="is-wide"><dt>Pixels</dt><dd>{{ $page->carries() }}</dd></div>@endif
        @else<div class="is-wide"><dt>Nothing to show</dt><dd>Between these points no photo is fit to be shown.</dd></div>@endif</dl></div>
    @if ($frames)@include('clip.parts.strip')@endif
    <form class="clip-fields" method="post" action="{{ $shot->at('clip.update') }}" data-part="clip-list" data-send-on-change id="clip-fields"
        autocomplete="off">@csrf
        @method('put')
        @foreach ($fields as $field => $text)<input type="hidden" name="was[{{ str_replace('.', '][', $field) }}]" value="{{ $text }}">@endforeach
        <fieldset><legend>What is shown</legend><div class="grid-fields">
            <x-field id="clip-in" label="First photo" name="in" :value="$typed('in')" width="7ch" inputmode="numeric" placeholder="1" :problem="$wrong('in')" />
            <x-field id="clip-out" label="Last photo" name="out" :value="$typed('out')" width="7ch" inputmode="numeric"
                :placeholder="(string) $page->photos()" :problem="$wrong('out')" />
            <x-field id="clip-holes" label="Where one is missing or spoilt" name="holes" :value="$typed('holes')" :options="$page::choices(Holes::class)"
                :problem="$wrong('holes')" />
            <x-field id="clip-reversed" label="Order" name="reversed" :value="$typed('reversed')"
                :options="['no' => 'as shot', 'yes' => 'from the last to the first']" />
            <x-field id="clip-deflicker" label="Brightness" name="deflicker" :value="$typed('deflicker')"
                :options="['no' => 'as shot', 'yes' => 'brought level']" /></div></fieldset>
        @if ($page->clip->speeds !== [])<fieldset><legend>Faster or slower</legend>@foreach ($page->clip->speeds as $n => $speed)<div
            class="grid-fields span-row">
            <x-field :id="'span-from-' . $n" label="From photo" :name="'speeds[' . $n . '][from]'" :value="$typed('speeds.' . $n . '.from')" width="7ch"
                inputmode="numeric" :problem="$wrong('speeds.' . $n . '.from')" />
            <x-field :id="'span-to-' . $n" label="to" :name="'speeds[' . $n . '][to]'" :value="$typed('speeds.' . $n . '.to')" width="7ch" inputmode="numeric"
                :problem="$wrong('speeds.' . $n . '.to')" />
            <x-field :id="'span-factor-' . $n" label="Photos a frame" :name="'speeds[' . $n . '][factor]'" :value="$typed('speeds.' . $n . '.factor')"
                width="6ch" inputmode="decimal" :problem="$wrong('speeds.' . $n . '.factor')" />
            <x-field :id="'span-ramp-' . $n" label="Gets there over" :name="'speeds[' . $n . '][ramp]'" :value="$typed('speeds.' . $n . '.ramp')" width="6ch"
                unit="photos" inputmode="numeric" :problem="$wrong('speeds.' . $n . '.ramp')" />
            <button class="button is-quiet" form="remove-span-{{ $n }}"><x-icon name="trash-2" /><span class="text">Remove</span></button></div>@endforeach
        </fieldset>@endif
        <fieldset><legend>Crop</legend><div class="grid-fields">
            <x-field id="clip-shape" label="Shape" name="shape" :value="$typed('shape')" :options="$shapes" :problem="$wrong('shape')" />
            <x-field id="clip-crop_x" label="Middle from the left" name="crop_x" :value="$typed('crop_x')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('crop_x')" />
            <x-field id="clip-crop_y" label="from the top" name="crop_y" :value="$typed('crop_y')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('crop_y')" />
            <x-field id="clip-crop_width" label="Width" name="crop_width" :value="$typed('crop_width')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('crop_width') ?: $outside->get('crop_width')" />
            <x-field id="clip-moves" label="Until the end" name="moves" :value="$typed('moves')"
                :options="['no' => 'it stays', 'yes' => 'it goes to a second crop']" />
            </div><div class="grid-fields" @if ($fields['moves'] === 'no') hidden @endif>
            <x-field id="clip-end_x" label="Second: middle from the left" name="end_x" :value="$typed('end_x')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('end_x')" />
            <x-field id="clip-end_y" label="from the top" name="end_y" :value="$typed('end_y')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('end_y')" />
            <x-field id="clip-end_width" label="Width" name="end_width" :value="$typed('end_width')" unit="%" width="7ch" inputmode="decimal"
                :problem="$wrong('end_width') ?: $outside->get('end_width')" /></div></fieldset>
        <fieldset><legend>How it is written</legend><div class="grid-fields">
            <x-field id="clip-size" label="Height" name="size" :value="$typed('size')" :options="$page::choices(Size::class)" :problem="$wrong('size')" />
            <x-field id="clip-rate" label="Frames a second" name="rate" :value="$typed('rate')" :options="$page::choices(FrameRate::class)"
                :problem="$wrong('rate')" />
            <x-field id="clip-codec" label="As" name="codec" :value="$typed('codec')" :options="$page::choices(Codec::class)" :problem="$wrong('codec')" />
            <button class="button without-script">Keep</button></div></fieldset>
        @include('clip.parts.crop')</form>
    @foreach ($page->clip->speeds as $n => $speed)<form method="post" id="remove-span-{{ $n }}" data-part="clip-list" data-send-on-change hidden
        action="{{ route('clip.spans.destroy', [...$shot->address(), 'from' => $speed->from]) }}">@csrf @method('delete')</form>@endforeach
    <details class="more" id="new-span" @if (collect(['from', 'to', 'factor', 'ramp'])->contains(fn ($part) => $wrong("{$new}.{$part}") !== '')) open @endif>
        <summary>Let some go faster or slower</summary>
        <form class="grid-fields" method="post" action="{{ $shot->at('clip.spans.store') }}">@csrf
            <x-field id="new-from" label="From photo" name="span_from" width="7ch" inputmode="numeric" :problem="$wrong($new . '.from')" />
            <x-field id="new-to" label="to" name="span_to" width="7ch" inputmode="numeric" :problem="$wrong($new . '.to')" />
            <x-field id="new-factor" label="Photos a frame" name="span_factor" width="6ch" inputmode="decimal" placeholder="2"
                :problem="$wrong($new . '.factor')" />
            <x-field id="new-ramp" label="Gets there over" name="span_ramp" width="6ch" unit="photos" inputmode="numeric" placeholder="0"
                :problem="$wrong($new . '.ramp')" />
            <button class="button">Add</button><small class="quiet">2 is twice as fast, 0.5 half as fast.</small></form></details>
    @if ($bright)<figure class="clip-bright"><svg class="bright-line" viewBox="0 0 {{ $bright::WIDTH }} {{ $bright::HEIGHT }}" preserveAspectRatio="none"
        role="img" aria-label="How bright each frame is, from {{ PlainText::signed($bright->from, 1) }} to {{ PlainText::signed($bright->to, 1) }} stops"><path
        class="measured" d="{{ $bright->before }}" /><path class="foretold" d="{{ $bright->after }}" /></svg>
        <figcaption class="quiet">Brightness of the frames{{ $bright->after === '' ? '' : ': as shot, and dashed as brought level' }}.
            @if ($bright->flickers !== null)Flicker {{ PlainText::rounded($bright->flickers, 3) }} stops{{ $bright->after === ''
            ? ': nothing to bring level.' : ', level ' . PlainText::rounded($bright->becomes, 3) . '.' }}@endif</figcaption></figure>@endif
</section>
