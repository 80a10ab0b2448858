// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "picture/decode.h"

#include <malloc.h>
#include <mutex>

namespace keepseal {

void startPictureEngine(const char* programName) {
    static std::once_flag once;
    std::call_once(once, [programName] {
        if (VIPS_INIT(programName) != 0)
            throw Problem(ProblemKind::Internal, {}, "libvips did not start: " + takeVipsError());
        // Pixel buffers go back to the system when they are freed, instead of leaving holes that grow with
        // the run. What a damaged picture makes libvips mutter is told by our own problem, with the picture's
        // name.
        g_log_set_handler(
            "VIPS", G_LOG_LEVEL_WARNING, [](const gchar*, GLogLevelFlags, const gchar*, gpointer) {},
            nullptr);
        ::mallopt(M_MMAP_THRESHOLD, 1 << 20);
        vips_concurrency_set(1);
        vips_cache_set_max(0);
        vips_block_untrusted_set(TRUE);
        // JPEG XL is one of the formats we promise; its size is checked from the header like every other.
        vips_operation_block_set("VipsForeignLoadJxl", FALSE);
        // For logos only, which pass a gate of their own (seal/logo.h); originals never reach these loaders.
        vips_operation_block_set("VipsForeignLoadSvg", FALSE);
        vips_operation_block_set("VipsForeignLoadPdf", FALSE);
    });
}

PictureThread::~PictureThread() {
    vips_thread_shutdown();
}

} // namespace keepseal
