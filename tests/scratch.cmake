# Tests leave nothing behind. What is left is told, and taken away for the next run.
file(GLOB left ${SCRATCH}/* ${SCRATCH}/.*)
if(left)
  file(REMOVE_RECURSE ${left})
  message(FATAL_ERROR "left in the temporary place: ${left}")
endif()
