{{-- A copy of the photos in another folder, held against them byte by byte. --}}
@php $check = $reading->lastCopy(); @endphp
<section class="panel" id="copy" aria-labelledby="copy-title"><header class="panel-head"><h2 id="copy-title">{{ __('photos.copy.title') }}</h2></header>
    @include('photos.parts.backed-up')
    @unless ($reading->isOfHeads())<form class="grid-fields bring-in" method="post"
        action="{{ route('folders.store', [...$reading->shot->address(), 'reading' => $reading->id]) }}">@csrf
        <input type="hidden" name="for" value="copy">
        <x-field id="copy-folder" :label="__('photos.copy.folder')" name="folder" width="34ch" is-text
            :value="old('for') === 'copy' ? old('folder') : $check?->folder ?? ''"
            :problem="$errors->first('copy.folder')" />
        <button class="button">{{ __('photos.copy.check') }}</button><small class="quiet">{{ __('photos.copy.says') }}</small></form>
    @else<p class="said-of">{{ __('photos.copy.uploaded') }}
        <code>bin/evrent manifest</code></p>@endunless
    @if ($check && !$check->isGood())@include('clip.parts.work', ['work' => $check])@endif
</section>
