{{-- Saved, saving or waiting for the server: kept by the script. --}}
<p id="saving" class="saving" role="status" data-state="saved" hidden><i class="saving-mark" aria-hidden="true"></i><span
    class="saving-text">{{ __('components.saving.saved') }}</span></p>
