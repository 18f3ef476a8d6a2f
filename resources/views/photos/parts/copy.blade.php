{{-- A copy of the photos in another folder, held against them byte by byte. --}}
@php $check = $reading->lastCopy(); @endphp
<section class="panel" id="copy" aria-labelledby="copy-title"><header class="panel-head"><h2 id="copy-title">Back-up</h2></header>
    @include('photos.parts.backed-up')
    @unless ($reading->isOfHeads())<form class="grid-fields bring-in" method="post"
        action="{{ route('folders.store', [...$reading->shot->address(), 'reading' => $reading->id]) }}">@csrf
        <input type="hidden" name="for" value="copy">
        <x-field id="copy-folder" label="Folder of the copy" name="folder" width="34ch" is-text
            :value="old('for') === 'copy' ? old('folder') : $check?->folder ?? ''"
            :problem="$errors->first('copy.folder')" />
        <button class="button">Check it</button><small class="quiet">Each file is read, here and there. Both stay as they are.</small></form>
    @else<p class="said-of">Only the heads of these photos were sent: what is on the card cannot be held against a copy from here.
        <code>bin/evrent manifest</code> does it where they lie.</p>@endunless
    @if ($check && !$check->isGood())@include('clip.parts.work', ['work' => $check])@endif
</section>
