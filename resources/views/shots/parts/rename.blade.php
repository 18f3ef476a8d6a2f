<details class="rename" @if ($errors->has("rename.{$shot->id}.title")) open @endif>
    <summary class="button {{ $class }}"><x-icon name="pencil" /><span class="text">Rename</span></summary>
    <form method="post" action="{{ $shot->at('shots.rename') }}">
        @csrf
        @method('put')
        <input class="live-revision" type="hidden" name="revision" value="{{ $shot->current_revision_id }}">
        <label for="title-{{ $shot->id }}">Title</label>
        <span class="entry is-text"><input id="title-{{ $shot->id }}" name="title" type="text" style="--width: 28ch" aria-describedby="p-title-{{ $shot->id }}"
            value="{{ $errors->has("rename.{$shot->id}.title") ? \App\Http\Typed::before('title')
                : $title }}" @error("rename.{$shot->id}.title") aria-invalid="true" @enderror></span>
        <button class="button">Save the title</button>
        <span class="problem" id="p-title-{{ $shot->id }}">{{ $errors->first("rename.{$shot->id}.title") }}</span>
    </form>
</details>
