{{-- The crop on the picture: dragged by its middle, made narrower and wider by its corner. The second one on the last picture. --}}
@php
    $clip = $page->clip;
    $shape = $page->photoShape();
    $ends = ['crop' => $clip->crop] + ($clip->endCrop === null ? [] : ['end' => $clip->endCrop]);
    $shown = array_combine(['crop', 'end'], $page->framesOrNull()?->ends() ?? [1, 1]);
@endphp
<div class="crop-pictures">@foreach ($ends as $name => $crop)@php [$left, $top, $wide, $high] = $crop->percents($shape, $clip->shape); @endphp<figure
    class="crop-picture"><div class="crop-photo frame" data-crop="{{ $name }}" style="aspect-ratio: {{ $shape }}">@if ($page->picture($shown[$name]))<img
    src="{{ $page->large($shown[$name]) }}" alt="" loading="lazy" draggable="false">@endif<span class="crop-box"
    style="left: {{ $left }}%; top: {{ $top }}%; width: {{ $wide }}%; height: {{ $high }}%"><i data-corner></i></span></div>
    <figcaption class="quiet">{{ __('clip.crop.drag', ['part' => $name === 'end' ? __('clip.crop.end') : ($clip->endCrop === null ? __('clip.crop.all')
        : __('clip.crop.start'))]) }}</figcaption></figure>@endforeach</div>
