<details class="rename" @if ($errors->has("rename.{$shot->id}.title")) open @endif>
    <summary class="button {{ $class }}"><x-icon name="pencil" /><span class="text">{{ __('shots.rename.rename') }}</span></summary>
    <form method="post" action="{{ $shot->at('shots.rename') }}">
        @csrf
        @method('put')
        <input class="live-revision" type="hidden" name="revision" value="{{ $shot->current_revision_id }}">
        <x-field :id="'title-' . $shot->id" :label="__('common.title')" name="title" width="28ch" is-text
            :problem="$errors->first('rename.' . $shot->id . '.title')"
            :value="$errors->has('rename.' . $shot->id . '.title') ? null : $title" />
        <button class="button">{{ __('common.save_title') }}</button>
    </form>
</details>
