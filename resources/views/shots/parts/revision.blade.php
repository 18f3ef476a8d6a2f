<input id="revision" type="hidden" name="revision" value="{{ $page->revision->id }}" @isset($swap) hx-swap-oob="true" @endisset>
