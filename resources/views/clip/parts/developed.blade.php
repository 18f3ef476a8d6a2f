{{-- Numbered links for other programs, and what comes back from a developing program. --}}
@php
    $works = App\Models\FolderWork::query()->where('card_reading_id', $reading->id)->whereIn('kind', ['links', 'copies'])->latest('id')->limit(3)->get();
    $says = fn (string $form, string $field) => $errors->first("{$form}.{$field}");
@endphp
<section class="panel" id="numbered" aria-labelledby="numbered-title"><header class="panel-head"><h2 id="numbered-title">{{ __('clip.developed.title') }}</h2>
    <span class="quiet">{{ __('clip.developed.says', ['linkName' => $page->material()->linkName(1)]) }}</span></header>
    @if ($page->card->trouble() !== '')<p class="said-of">{{ $page->card->trouble() }}</p>@endif
    @unless ($reading->isOfHeads())<form class="grid-fields bring-in" method="post"
        action="{{ route('folders.store', [...$shot->address(), 'reading' => $reading->id]) }}">@csrf
        <input type="hidden" name="for" value="numbered">
        <x-field id="numbered-folder" :label="__('clip.developed.folder')" name="folder" width="34ch" is-text
            :value="old('for') === 'numbered' ? old('folder') : ''"
            :problem="$says('numbered', 'folder')" :placeholder="dirname($reading->folder) . '/numbered'" />
        <x-field id="numbered-kind" :label="__('clip.developed.make')" name="kind"
            :options="['links' => __('clip.developed.links'), 'copies' => __('clip.developed.copies')]"
            :problem="$says('numbered', 'kind')" />
        <button class="button">{{ __('clip.developed.make_them') }}</button></form>@endunless
    @foreach ($works as $work)@include('clip.parts.work')@endforeach
    <form class="grid-fields bring-in" id="developed" method="post" action="{{ $shot->at('clip.developed') }}">@csrf @method('put')
        <input type="hidden" name="for" value="developed">
        <x-field id="developed-folder" :label="__('clip.developed.processed')" name="folder" width="34ch" is-text
            :value="old('for') === 'developed' ? old('folder') : $reading->developed_folder" :problem="$says('developed', 'folder')" />
        <button class="button">{{ __('clip.developed.take') }}</button>
        <small class="quiet">{{ $reading->developed === [] ? __('clip.developed.matched')
            : __('clip.developed.using', ['developed' => count($reading->developed)]) }}</small></form>
</section>
